package venue.store.member;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.MemberId;
import venue.core.basics.item.SiteId;
import venue.core.edition.json.ItemJson;
import venue.store.database.Database;
import venue.store.people.Email;

/** The rows of members. */
final class MemberRows {

    private static final String SELECT = """
            select m.*, (select group_concat(g.called) from member_group g where g.member = m.id) as in_groups
            from member m
            """;
    private static final String ADD = """
            insert into member (id, site, email, name, password, state, fields, since)
            values (:id, :site, :email, :name, :password, :state, :fields, :since)
            """;
    private static final String CHANGE = """
            update member set email = :email, name = :name, password = :password, state = :state, fields = :fields
            where id = :id
            """;
    private static final String WHICH = """
             where m.site = :site and (:state is null or m.state = :state)
              and (:in is null or exists (select 1 from member_group g where g.member = m.id and g.called = :in))
              and (:words is null or m.name like :words escape '!' or m.email like :words escape '!' or m.fields like :words escape '!')
            """;

    private final Database database;

    MemberRows(Database database) {
        this.database = database;
    }

    void add(Member member) {
        write(ADD, member)
                .param("site", member.site())
                .param("since", member.since())
                .update();
        putGroups(member);
    }

    void change(Member member) {
        write(CHANGE, member).update();
        putGroups(member);
    }

    private JdbcClient.StatementSpec write(String statement, Member member) {
        return database.sql()
                .sql(statement)
                .param("id", member.id())
                .param("email", Email.normal(member.email()))
                .param("name", member.name())
                .param("password", member.password())
                .param("state", member.state().name())
                .param("fields", ItemJson.write(new Kept(member.fields())));
    }

    private void putGroups(Member member) {
        database.sql()
                .sql("delete from member_group where member = :member")
                .param("member", member.id())
                .update();
        database.each(
                "insert into member_group (member, site, called) values (?, ?, ?)",
                member.groups().stream()
                        .sorted()
                        .map(g -> new Object[] {member.id(), member.site(), g})
                        .toList());
    }

    void remove(MemberId id) {
        database.sql().sql("delete from member where id = :id").param("id", id).update();
    }

    Optional<Member> find(SiteId site, MemberId id) {
        return database.sql()
                .sql(SELECT + " where m.site = :site and m.id = :id")
                .param("site", site)
                .param("id", id)
                .query(MemberRows::member)
                .optional();
    }

    Optional<Member> byEmail(SiteId site, String email) {
        return database.sql()
                .sql(SELECT + " where m.site = :site and m.email = :email")
                .param("site", site)
                .param("email", Email.normal(email))
                .query(MemberRows::member)
                .optional();
    }

    /** Some of those that are asked for, by name: those after so many. */
    List<Member> list(SiteId site, MemberFilter filter, int after, int most) {
        return which(
                        SELECT + WHICH
                                + " order by m.state not in ('ASKED', 'UNCONFIRMED'), m.name, m.id limit :most offset :after",
                        site,
                        filter)
                .param("most", most)
                .param("after", after)
                .query(MemberRows::member)
                .list();
    }

    int count(SiteId site, MemberFilter filter) {
        return which("select count(*) from member m" + WHICH, site, filter)
                .query(Integer.class)
                .single();
    }

    private JdbcClient.StatementSpec which(String query, SiteId site, MemberFilter filter) {
        String words =
                filter.words().isBlank() ? null : "%" + filter.words().strip().replaceAll("([!%_])", "!$1") + "%";
        return database.sql()
                .sql(query)
                .param("site", site)
                .param("state", filter.state() == null ? null : filter.state().name())
                .param("in", filter.group())
                .param("words", words);
    }

    /** How many members are in each state. */
    Map<Member.State, Integer> states(SiteId site) {
        Map<Member.State, Integer> counts = new TreeMap<>();
        database.sql()
                .sql("select state, count(*) as n from member where site = :site group by state")
                .param("site", site)
                .query((row, n) -> Map.entry(Member.State.valueOf(row.getString("state")), row.getInt("n")))
                .list()
                .forEach(e -> counts.put(e.getKey(), e.getValue()));
        return counts;
    }

    /** How many active members each group has, by its id. */
    Map<String, Integer> groups(SiteId site) {
        Map<String, Integer> counts = new HashMap<>();
        database.sql()
                .sql("""
                        select g.called, count(*) as n from member_group g join member m on m.id = g.member
                        where g.site = :site and m.state = 'ACTIVE' group by g.called
                        """)
                .param("site", site)
                .query((row, n) -> Map.entry(row.getString("called"), row.getInt("n")))
                .list()
                .forEach(e -> counts.put(e.getKey(), e.getValue()));
        return counts;
    }

    static Member member(ResultSet row, int number) throws SQLException {
        String in = row.getString("in_groups");
        return new Member(
                new MemberId(row.getString("id")),
                new SiteId(row.getString("site")),
                row.getString("email"),
                row.getString("name"),
                row.getString("password"),
                Member.State.valueOf(row.getString("state")),
                fields(row.getString("fields")),
                in == null ? Set.of() : Arrays.stream(in.split(",")).collect(Collectors.toSet()),
                row.getString("since"),
                row.getString("seen_at"));
    }

    /** What is kept of a member, as it is written. */
    private record Kept(@Nullable Map<String, String> fields) {}

    private static Map<String, String> fields(String json) {
        Map<String, String> fields = ItemJson.read(Kept.class, json).fields();
        return fields == null ? Map.of() : fields;
    }
}
