package venue.store.answer;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/** Answers that are handed on to another machine: each waits with its answer, in the same transaction, until that machine took it. */
public final class FormCalls {

    private static final String ADD = """
            insert into form_call (site, form, answer, address, at, next) values (:site, :form, :answer, :address, :at, :at)
            """;
    private static final String DUE = """
            select id, site, answer, address, tries, at from form_call where next is not null and next <= :now order by next limit :most
            """;
    private static final String LOG = """
            select c.id, a.number, c.at, c.next, c.tries, c.said from form_call c join answer a on a.id = c.answer
            where c.site = :site and c.form = :form order by c.id desc limit :most
            """;

    private final Database database;

    public FormCalls(Database database) {
        this.database = database;
    }

    /**
     * What is due.
     *
     * @param at when it was called first
     */
    public record Due(long id, SiteId site, AnswerId answer, String address, int tries, String at) {}

    /**
     * What came of one, or waits.
     *
     * @param number of the answer
     * @param at when it was called first
     * @param next when it is tried again; null where it isn't
     * @param said what the other machine said, or why it could not be asked
     */
    public record Called(
            long id, int number, String at, @Nullable String next, int tries, String said) {}

    /** Within the transaction in which the answer is kept. */
    void add(SiteId site, String form, AnswerId answer, String address, Instant now) {
        database.sql()
                .sql(ADD)
                .param("site", site)
                .param("form", form)
                .param("answer", answer)
                .param("address", address)
                .param("at", now.toString())
                .update();
    }

    /** An answer that was set apart is handed on all the same. */
    public void handOn(Answer answer, String address, Instant now) {
        database.write(() -> {
            add(answer.site(), answer.form(), answer.id(), address, now);
            return true;
        });
    }

    public List<Due> due(Instant now, int most) {
        return database.sql()
                .sql(DUE)
                .param("now", now.toString())
                .param("most", most)
                .query((r, n) -> new Due(
                        r.getLong("id"),
                        new SiteId(r.getString("site")),
                        new AnswerId(r.getString("answer")),
                        r.getString("address"),
                        r.getInt("tries"),
                        r.getString("at")))
                .list();
    }

    /** What came of a try, and when it is tried again; null for no more. */
    public void tried(long id, String said, @Nullable Instant next) {
        database.write(() -> database.sql()
                .sql("update form_call set tries = tries + 1, said = :said, next = :next where id = :id")
                .param("said", said)
                .param("next", next == null ? null : next.toString())
                .param("id", id)
                .update());
    }

    /** Tries those again, from now on, that were given up. */
    public int again(SiteId site, String form, Instant now) {
        return database.write(() -> database.sql()
                .sql("""
                        update form_call set next = :now, tries = 0, at = :now
                        where site = :site and form = :form and said <> 'taken' and (next is null or next > :now)
                        """)
                .param("now", now.toString())
                .param("site", site)
                .param("form", form)
                .update());
    }

    /** The latest of a form, the newest first. */
    public List<Called> log(SiteId site, String form, int most) {
        return database.sql()
                .sql(LOG)
                .param("site", site)
                .param("form", form)
                .param("most", most)
                .query(Called.class)
                .list();
    }
}
