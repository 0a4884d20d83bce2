package venue.store.letter;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.SiteId;
import venue.core.basics.item.SubscriberId;
import venue.store.database.Database;
import venue.store.letter.Subscriber.Stands;

/** The rows of subscribers. */
final class SubscriberRows {

    private static final String ADD = """
            insert into subscriber (id, site, list, email, name, stands, proof, asked, written, since)
            values (:id, :site, :list, :email, :name, :stands, :proof, :asked, :asked, :since)
            """;
    private static final String WHICH = """
             where site = :site and list = :list and (:stands is null or stands = :stands)
              and (:words is null or email like :words escape '!' or name like :words escape '!')
            """;

    private final Database database;

    SubscriberRows(Database database) {
        this.database = database;
    }

    void add(Subscriber made) {
        database.sql()
                .sql(ADD)
                .param("id", made.id())
                .param("site", made.site())
                .param("list", made.list())
                .param("email", made.email())
                .param("name", made.name())
                .param("stands", made.stands().name())
                .param("proof", made.proof())
                .param("asked", made.asked())
                .param("since", made.since())
                .update();
    }

    /** Whether they were last written to before a time; then they are now. */
    boolean askedAgain(SubscriberId id, String now, String before) {
        return update("update subscriber set written = :now where id = :id and written <= :before", id)
                        .param("now", now)
                        .param("before", before)
                        .update()
                > 0;
    }

    void set(SubscriberId id, Stands stands, String proof, String asked) {
        update("update subscriber set stands = :stands, proof = :proof, asked = :asked, said = '' where id = :id", id)
                .param("stands", stands.name())
                .param("proof", proof)
                .param("asked", asked)
                .update();
    }

    int confirm(SubscriberId id, String now) {
        return update("""
                        update subscriber set stands = 'IN', since = :now, ended = null, said = '',
                          proof = proof || ' Confirmed ' || :now || '.' where id = :id and stands <> 'IN'
                        """, id).param("now", now).update();
    }

    int end(SubscriberId id, Stands how, String said, String now) {
        return update("""
                        update subscriber set stands = :how, ended = :now, said = :said where id = :id and stands <> 'OUT'
                        """, id)
                .param("how", how.name())
                .param("now", now)
                .param("said", said)
                .update();
    }

    private JdbcClient.StatementSpec update(String statement, SubscriberId id) {
        return database.sql().sql(statement).param("id", id);
    }

    int remove(SiteId site, SubscriberId id) {
        return update("delete from subscriber where site = :site and id = :id", id)
                .param("site", site)
                .update();
    }

    Optional<Subscriber> find(SiteId site, SubscriberId id) {
        return update("select * from subscriber where site = :site and id = :id", id)
                .param("site", site)
                .query(SubscriberRows::subscriber)
                .optional();
    }

    Optional<Subscriber> byEmail(SiteId site, String list, String email) {
        return database.sql()
                .sql("select * from subscriber where site = :site and list = :list and email = :email")
                .param("site", site)
                .param("list", list)
                .param("email", email)
                .query(SubscriberRows::subscriber)
                .optional();
    }

    List<Subscriber> of(SiteId site, String email) {
        return database.sql()
                .sql("select * from subscriber where site = :site and email = :email order by list")
                .param("site", site)
                .param("email", email)
                .query(SubscriberRows::subscriber)
                .list();
    }

    List<Subscriber> list(SiteId site, Subscribers.Which which, int after, int most) {
        return which("select * from subscriber", " order by email limit :most offset :after", site, which)
                .param("after", after)
                .param("most", most)
                .query(SubscriberRows::subscriber)
                .list();
    }

    int count(SiteId site, Subscribers.Which which) {
        return which("select count(*) from subscriber", "", site, which)
                .query(Integer.class)
                .single();
    }

    private JdbcClient.StatementSpec which(String select, String order, SiteId site, Subscribers.Which which) {
        String like =
                which.words().isBlank() ? null : "%" + which.words().strip().replaceAll("[!%_]", "!$0") + "%";
        return database.sql()
                .sql(select + WHICH + order)
                .param("site", site)
                .param("list", which.list())
                .param("stands", which.stands() == null ? null : which.stands().name())
                .param("words", like);
    }

    int count(SiteId site, String list) {
        return count(site, new Subscribers.Which(list, null, ""));
    }

    /** How many stand so on a list. */
    record Count(String list, String stands, int many) {}

    List<Count> counts(SiteId site) {
        return database.sql()
                .sql("select list, stands, count(*) as many from subscriber where site = :site group by list, stands")
                .param("site", site)
                .query(Count.class)
                .list();
    }

    static Subscriber subscriber(ResultSet row, int number) throws SQLException {
        return new Subscriber(
                new SubscriberId(row.getString("id")),
                new SiteId(row.getString("site")),
                row.getString("list"),
                row.getString("email"),
                row.getString("name"),
                Stands.valueOf(row.getString("stands")),
                row.getString("proof"),
                row.getString("asked"),
                row.getString("since"),
                row.getString("ended"),
                row.getString("said"));
    }
}
