package venue.store.answer;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Filling;
import venue.core.edition.json.ItemJson;
import venue.store.answer.Answer.Stands;
import venue.store.database.Database;

/** The rows of answers. */
final class AnswerRows {

    private static final String SELECT = """
            select a.*, case when a.stands = 'WAITS' then (select count(*) from answer b where b.site = a.site and b.form = a.form
              and b.item = a.item and b.stands = 'WAITS' and b.number <= a.number) else 0 end as line from answer a
            """;
    /** Its first and its last number stand in an index: what a form has room for needs no counting. */
    private static final String ADD = """
            with ends as (select (select min(number) from answer where site = :site and form = :form) as first,
              (select max(number) from answer where site = :site and form = :form) as last)
            insert into answer (id, site, form, number, came, until, apart, who, email, member, page, said, words, likeness, item, people, stands, shown, answers)
            select :id, :site, :form, coalesce(last, 0) + 1, :came, :until, :apart, :who, :email, :member, :page, :said, :words, :likeness,
              :item, :people, :stands, :shown, :answers from ends where coalesce(last - first + 1, 0) < :most
            returning number
            """;

    private final Database database;

    AnswerRows(Database database) {
        this.database = database;
    }

    /** Gives its number; none where its form has as many as it keeps. */
    Optional<Integer> add(AnswerId id, String came, String until, Taking taking, @Nullable Stands stands, int most) {
        Taking.Wanted wanted = taking.wanted();
        Taking.Said comment = taking.comment();
        return database.sql()
                .sql(ADD)
                .param("id", id)
                .param("site", taking.site())
                .param("form", taking.form())
                .param("came", came)
                .param("until", until)
                .param("apart", taking.apart())
                .param("who", taking.who())
                .param("email", taking.email())
                .param("member", taking.member())
                .param("page", taking.page())
                .param("said", kept(taking.said()))
                .param("words", words(taking.said()))
                .param("likeness", taking.likeness())
                .param("item", wanted == null ? null : wanted.item())
                .param("people", wanted == null ? 0 : wanted.people())
                .param("stands", stands == null ? null : stands.name())
                .param("shown", comment == null ? null : comment.shown() ? 1 : 0)
                .param("answers", comment == null ? null : comment.to())
                .param("most", most)
                .query(Integer.class)
                .optional();
    }

    static String kept(List<Filling.Said> said) {
        return ItemJson.write(new Kept(said.toArray(new Filling.Said[0])));
    }

    /** All that was said, to be found by it. */
    static String words(List<Filling.Said> said) {
        return said.stream().map(Filling.Said::words).collect(Collectors.joining("\n"));
    }

    /** What is kept of what was said, as it is written. */
    private record Kept(Filling.Said @Nullable [] said) {}

    Optional<Answer> find(SiteId site, AnswerId id) {
        return database.sql()
                .sql(SELECT + " where a.site = :site and a.id = :id")
                .param("site", site)
                .param("id", id)
                .query(AnswerRows::answer)
                .optional();
    }

    /** The first that says the same, since a time. */
    Optional<Answer> alike(String likeness, String since) {
        return database.sql()
                .sql(SELECT + " where a.likeness = :likeness and a.came > :since order by a.came limit 1")
                .param("likeness", likeness)
                .param("since", since)
                .query(AnswerRows::answer)
                .optional();
    }

    /** Some of those that are asked for, the newest first: those before a number, where one is given. */
    List<Answer> list(SiteId site, AnswerFilter filter, int after, int most) {
        return which(SELECT, " order by " + filter.order().by() + " limit :most offset :after", site, filter)
                .param("after", after)
                .param("most", most)
                .query(AnswerRows::answer)
                .list();
    }

    int count(SiteId site, AnswerFilter filter) {
        return which("select count(*) from answer a", "", site, filter)
                .query(Integer.class)
                .single();
    }

    /** What nobody has read of a form's answers; empty for nothing. */
    Optional<Answers.Fresh> fresh(SiteId site, String form) {
        return database.sql()
                .sql("""
                        select count(*) as many, (select came from answer b where b.site = :site and b.form = :form and b.apart is null
                          and b.state = 'new' order by b.number limit 1) as oldest
                        from answer where site = :site and form = :form and apart is null and state = 'new'
                        """)
                .param("site", site)
                .param("form", form)
                .query((r, n) -> new FreshRow(r.getInt("many"), r.getString("oldest")))
                .optional()
                .filter(r -> r.oldest() != null)
                .map(r -> new Answers.Fresh(r.many(), Instant.parse(String.valueOf(r.oldest()))));
    }

    private record FormCounts(
            String form, int fresh, int open, int whole, int apart, int held, int reported, String oldest) {}

    /** How many answers the forms of a site have, by the form's id. */
    Map<String, Answers.Counts> counts(SiteId site) {
        Map<String, Answers.Counts> counts = new HashMap<>();
        database.sql()
                .sql("""
                        select form, coalesce(sum(apart is null and state = 'new'), 0) as fresh,
                          coalesce(sum(apart is null and state <> 'done'), 0) as open,
                          coalesce(sum(apart is null), 0) as whole, coalesce(sum(apart is not null), 0) as apart,
                          coalesce(sum(apart is null and shown = 0), 0) as held, coalesce(sum(apart is null and reported > 0), 0) as reported,
                          coalesce((select came from answer b where b.site = a.site and b.form = a.form and b.apart is null and b.state = 'new'
                            order by b.number limit 1), '') as oldest
                        from answer a where site = :site group by form
                        """)
                .param("site", site)
                .query(FormCounts.class)
                .list()
                .forEach(c -> counts.put(
                        c.form(),
                        new Answers.Counts(
                                c.fresh(), c.open(), c.whole(), c.apart(), c.held(), c.reported(), c.oldest())));
        return counts;
    }

    private record FreshRow(int many, @Nullable String oldest) {}

    /** Nothing stands in it but what is asked for: an index is used for it then, however many there are. */
    private JdbcClient.StatementSpec which(String query, String order, SiteId site, AnswerFilter filter) {
        String words =
                filter.words().isBlank() ? null : "%" + filter.words().strip().replaceAll("([!%_])", "!$1") + "%";
        String where = " where a.site = :site" + filter.which().asked()
                + asked(filter.form(), "a.form = :form")
                + asked(filter.state(), "a.state = :state")
                + asked(filter.item(), "a.item = :item")
                + asked(filter.works(), "a.works = :works")
                + asked(words, "a.words like :words escape '!'");
        return database.sql()
                .sql(query + where + order)
                .param("site", site)
                .param("form", filter.form())
                .param("state", filter.state())
                .param("item", filter.item())
                .param("works", filter.works())
                .param("words", words);
    }

    private static String asked(@Nullable String value, String clause) {
        return value == null ? "" : " and " + clause;
    }

    /** All that somebody sent, by the address that they gave. */
    List<Answer> of(SiteId site, String email) {
        return database.sql()
                .sql(SELECT + " where a.site = :site and a.email = :email order by a.came desc limit 1000")
                .param("site", site)
                .param("email", email)
                .query(AnswerRows::answer)
                .list();
    }

    /** The latest that a member sent. */
    List<Answer> ofMember(SiteId site, String member) {
        return database.sql()
                .sql(SELECT + " where a.site = :site and a.member = :member order by a.came desc limit 200")
                .param("site", site)
                .param("member", member)
                .query(AnswerRows::answer)
                .list();
    }

    void set(AnswerId id, Answer.Done done) {
        database.sql()
                .sql("update answer set state = :state, apart = :apart, works = :works, note = :note,"
                        + " shown = case when :apart is null then shown else shown * 0 end where id = :id")
                .param("state", done.state())
                .param("apart", done.apart())
                .param("works", done.works())
                .param("note", done.note())
                .param("id", id)
                .update();
    }

    void remove(AnswerId id) {
        database.sql().sql("delete from answer where id = :id").param("id", id).update();
    }

    static Answer answer(ResultSet row, int number) throws SQLException {
        String item = row.getString("item");
        String stands = row.getString("stands");
        return new Answer(
                new AnswerId(row.getString("id")),
                new SiteId(row.getString("site")),
                row.getString("form"),
                row.getInt("number"),
                row.getString("came"),
                row.getString("until"),
                row.getString("who"),
                row.getString("email"),
                row.getString("member"),
                row.getString("page"),
                said(row.getString("said")),
                new Answer.Done(
                        row.getString("state"), row.getString("apart"), row.getString("works"), row.getString("note")),
                item == null || stands == null
                        ? null
                        : new Answer.Place(
                                item,
                                row.getInt("people"),
                                Stands.valueOf(stands),
                                row.getBoolean("over"),
                                row.getInt("line")),
                onPage(row));
    }

    private static Answer.@Nullable OnPage onPage(ResultSet row) throws SQLException {
        boolean shown = row.getBoolean("shown");
        if (row.wasNull()) {
            return null;
        }
        String to = row.getString("answers");
        return new Answer.OnPage(
                shown, to == null ? null : new AnswerId(to), row.getString("edited") != null, row.getInt("reported"));
    }

    private static List<Filling.Said> said(String json) {
        Filling.Said[] said = ItemJson.read(Kept.class, json).said();
        return said == null ? List.of() : Arrays.asList(said);
    }
}
