package venue.store.letter;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.LetterId;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.item.SubscriberId;
import venue.store.database.Database;
import venue.store.letter.Letter.State;
import venue.store.letter.Letter.To;

/** The rows of letters, and of those whom they go to. */
final class LetterRows {

    private static final String COLUMNS =
            "id, site, list, subject, lead, page, listing, since, state, rate, tested, changed, by_person, started, ended, next, trouble";
    private static final String ADD = """
            insert into letter (id, site, list, subject, lead, page, listing, since, state, rate, changed, by_person)
            values (:id, :site, :list, :subject, :lead, :page, :listing, :since, :state, :rate, :changed, :by)
            """;
    private static final String WRITE = """
            update letter set list = :list, subject = :subject, lead = :lead, page = :page, listing = :listing, since = :since,
              changed = :changed, by_person = :by where id = :id
            """;
    private static final String TO_ALL = """
            insert into letter_to (letter, subscriber, state) select :id, id, 'WAITING' from subscriber
            where site = :site and list = :list and stands = 'IN'
            """;

    private final Database database;

    LetterRows(Database database) {
        this.database = database;
    }

    void add(Letter letter) {
        wording(ADD, letter.id(), letter.wording())
                .param("site", letter.site())
                .param("state", letter.state().name())
                .param("rate", letter.rate())
                .param("changed", letter.changed())
                .param("by", letter.by())
                .update();
    }

    void write(LetterId id, Letter.Wording wording, PersonId by, String now) {
        wording(WRITE, id, wording).param("changed", now).param("by", by).update();
    }

    private JdbcClient.StatementSpec wording(String statement, LetterId id, Letter.Wording wording) {
        return of(statement, id)
                .param("list", wording.list())
                .param("subject", wording.subject())
                .param("lead", wording.lead())
                .param("page", wording.page())
                .param("listing", wording.listing())
                .param("since", wording.since());
    }

    private JdbcClient.StatementSpec of(String statement, LetterId id) {
        return database.sql().sql(statement).param("id", id);
    }

    int tested(LetterId id, String wording) {
        return of("update letter set tested = :wording where id = :id", id)
                .param("wording", wording)
                .update();
    }

    int pace(LetterId id, int rate) {
        return of("update letter set rate = :rate where id = :id", id)
                .param("rate", rate)
                .update();
    }

    int become(LetterId id, State state) {
        return of("update letter set state = :state, next = null, trouble = '', ended = null where id = :id", id)
                .param("state", state.name())
                .update();
    }

    int ended(LetterId id, String now) {
        return of("update letter set state = 'SENT', ended = :now, next = null, trouble = '' where id = :id", id)
                .param("now", now)
                .update();
    }

    int trouble(LetterId id, String next, String said) {
        return of("update letter set next = :next, trouble = :said where id = :id", id)
                .param("next", next)
                .param("said", said)
                .update();
    }

    int remove(LetterId id) {
        return of("delete from letter where id = :id", id).update();
    }

    /** Keeps it as it goes out; gives to how many. */
    int start(Letter letter, Letters.Written written, String now) {
        of(
                        "update letter set state = 'SENDING', started = :now, html = :html, plain = :plain where id = :id",
                        letter.id())
                .param("now", now)
                .param("html", written.html())
                .param("plain", written.plain())
                .update();
        return of(TO_ALL, letter.id())
                .param("site", letter.site())
                .param("list", letter.wording().list())
                .update();
    }

    Optional<Letters.Written> written(LetterId id) {
        return of("select html, plain from letter where id = :id and html is not null", id)
                .query(Letters.Written.class)
                .optional();
    }

    Optional<Letter> find(SiteId site, LetterId id) {
        return of("select " + COLUMNS + " from letter where site = :site and id = :id", id)
                .param("site", site)
                .query(LetterRows::letter)
                .optional();
    }

    List<Letter> all(SiteId site) {
        return database.sql()
                .sql("select " + COLUMNS
                        + " from letter where site = :site order by coalesce(started, changed) desc, id")
                .param("site", site)
                .query(LetterRows::letter)
                .list();
    }

    /** Those on their way whose time it is. */
    List<Letter> sending(String now) {
        return database.sql()
                .sql("select " + COLUMNS
                        + " from letter where state = 'SENDING' and (next is null or next <= :now) order by started")
                .param("now", now)
                .query(LetterRows::letter)
                .list();
    }

    int count(SiteId site) {
        return database.sql()
                .sql("select count(*) from letter where site = :site")
                .param("site", site)
                .query(Integer.class)
                .single();
    }

    private static Letter letter(ResultSet row, int number) throws SQLException {
        return new Letter(
                new LetterId(row.getString("id")),
                new SiteId(row.getString("site")),
                new Letter.Wording(
                        row.getString("list"),
                        row.getString("subject"),
                        row.getString("lead"),
                        row.getString("page"),
                        row.getString("listing"),
                        row.getString("since")),
                State.valueOf(row.getString("state")),
                row.getInt("rate"),
                row.getString("tested"),
                row.getString("changed"),
                row.getString("by_person"),
                row.getString("started"),
                row.getString("ended"),
                row.getString("next"),
                row.getString("trouble"));
    }

    /** Who is next: whoever was not put off first. */
    Optional<Subscriber> turn(LetterId id, String now) {
        return of("""
                        select s.* from letter_to t join subscriber s on s.id = t.subscriber
                        where t.letter = :id and t.state = 'WAITING' and t.due <= :now order by t.due, t.subscriber limit 1
                        """, id).param("now", now).query(SubscriberRows::subscriber).optional();
    }

    boolean waits(LetterId id) {
        return of("select exists (select 1 from letter_to where letter = :id and state in ('WAITING', 'BEING'))", id)
                .query(Boolean.class)
                .single();
    }

    void to(LetterId id, SubscriberId subscriber, To state, String said, String now) {
        of("update letter_to set state = :state, said = :said, at = :now where letter = :id and subscriber = :to", id)
                .param("to", subscriber)
                .param("state", state.name())
                .param("said", said)
                .param("now", now)
                .update();
    }

    /** How often somebody was put off. */
    int tries(LetterId id, SubscriberId subscriber) {
        return of("select tries from letter_to where letter = :id and subscriber = :to", id)
                .param("to", subscriber)
                .query(Integer.class)
                .optional()
                .orElse(0);
    }

    void later(LetterId id, SubscriberId subscriber, String due, String said) {
        of("""
                        update letter_to set state = 'WAITING', tries = tries + 1, due = :due, said = :said
                        where letter = :id and subscriber = :to
                        """, id)
                .param("to", subscriber)
                .param("due", due)
                .param("said", said)
                .update();
    }

    void decide(LetterId id, SubscriberId subscriber, To state) {
        of(
                        "update letter_to set state = :state, due = '' where letter = :id and subscriber = :to and state = 'UNSURE'",
                        id)
                .param("to", subscriber)
                .param("state", state.name())
                .update();
    }

    /** Nobody knows of these whether they have it. */
    int unsure() {
        return database.sql()
                .sql("update letter_to set state = 'UNSURE' where state = 'BEING'")
                .update();
    }

    private record Tally(String state, int many) {}

    /** How many of a letter stand how. */
    Map<To, Integer> tally(LetterId id) {
        return of("select state, count(*) as many from letter_to where letter = :id group by state", id)
                .query(Tally.class)
                .list()
                .stream()
                .collect(Collectors.toUnmodifiableMap(t -> To.valueOf(t.state()), Tally::many));
    }

    List<Letters.Addressed> addressed(LetterId id, To state, int most) {
        return of("""
                        select t.subscriber, s.email, t.state, coalesce(t.at, '') as at, t.said from letter_to t
                        join subscriber s on s.id = t.subscriber
                        where t.letter = :id and t.state = :state order by t.at desc, s.email limit :most
                        """, id)
                .param("state", state.name())
                .param("most", most)
                .query((r, n) -> new Letters.Addressed(
                        new SubscriberId(r.getString("subscriber")),
                        r.getString("email"),
                        To.valueOf(r.getString("state")),
                        r.getString("at").isEmpty() ? Instant.EPOCH : Instant.parse(r.getString("at")),
                        r.getString("said")))
                .list();
    }
}
