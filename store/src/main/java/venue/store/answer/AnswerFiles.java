package venue.store.answer;

import java.security.SecureRandom;
import java.time.Duration;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.body.form.SentFile;
import venue.store.database.Database;

/**
 * Files that visitors send with forms: they wait for an hour for an answer that is as it should be, and go with it then. They are served
 * by no site; those who work with an answer get them as attachments alone.
 */
public final class AnswerFiles {

    /** So long a file waits for its answer. */
    public static final Duration WAITS = Duration.ofHours(1);
    /** So much is taken from one network within an hour, in bytes. */
    public static final long FROM_ONE = 60_000_000;
    /** So much may wait at once, in bytes. */
    public static final long WAITING = 500_000_000;
    /** So much is kept with the answers of one site, in bytes. */
    public static final long OF_SITE = 4_000_000_000L;

    private static final String HAS_ROOM = """
            select coalesce((select sum(bytes) from answer_file where network = :network and at > :since), 0) + :bytes <= :one
              and coalesce((select sum(bytes) from answer_file where answer is null), 0) + :bytes <= :waiting
              and coalesce((select sum(bytes) from answer_file where site = :site), 0) + :bytes <= :site_most
            """;

    private final Database database;
    private final InstantSource clock;
    private final SecureRandom chance = new SecureRandom();

    public AnswerFiles(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** A file as it came. */
    public record Came(SiteId site, String form, String network, SentFile file, byte[] content) {}

    /** Keeps a file until its answer comes; gives it as it is called then. Empty where so much waits or is kept that it can't be taken. */
    public Optional<SentFile> keep(Came came) {
        String now = clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
        SentFile file = came.file();
        String id = AnswerId.fresh(chance).text();
        return database.write(() -> {
            // What nobody came back for makes room.
            database.sql()
                    .sql("delete from answer_file where answer is null and at <= :since")
                    .param("since", clock.instant().minus(WAITS).toString())
                    .update();
            if (!hasRoom(came)) {
                return Optional.empty();
            }
            database.sql()
                    .sql("""
                            insert into answer_file (id, site, form, network, at, name, ending, bytes, content)
                            values (:id, :site, :form, :network, :at, :name, :ending, :bytes, :content)
                            """)
                    .param("id", id)
                    .param("site", came.site())
                    .param("form", came.form())
                    .param("network", came.network())
                    .param("at", now)
                    .param("name", file.name())
                    .param("ending", file.ending())
                    .param("bytes", file.bytes())
                    .param("content", came.content())
                    .update();
            return Optional.of(new SentFile(id, file.bytes(), file.ending(), file.name()));
        });
    }

    private boolean hasRoom(Came came) {
        return database.sql()
                .sql(HAS_ROOM)
                .param("network", came.network())
                .param("since", clock.instant().minus(WAITS).toString())
                .param("bytes", came.file().bytes())
                .param("one", FROM_ONE)
                .param("waiting", WAITING)
                .param("site", came.site())
                .param("site_most", OF_SITE)
                .query(Boolean.class)
                .single();
    }

    /** A file that waits for an answer by this form; empty for one that doesn't, or no more. */
    public Optional<SentFile> waiting(SiteId site, String form, String id) {
        return database.sql()
                .sql("""
                        select id, bytes, ending, name from answer_file
                        where id = :id and site = :site and form = :form and answer is null and at > :since
                        """)
                .param("id", id)
                .param("site", site)
                .param("form", form)
                .param("since", clock.instant().minus(WAITS).toString())
                .query(SentFile.class)
                .optional();
    }

    /** Some files go with an answer; within a transaction. */
    void goWith(AnswerId answer, Collection<String> ids) {
        ids.forEach(id -> database.sql()
                .sql("update answer_file set answer = :answer where id = :id and answer is null")
                .param("answer", answer)
                .param("id", id)
                .update());
    }

    /** The files of an answer. */
    public List<SentFile> of(AnswerId answer) {
        return database.sql()
                .sql("select id, bytes, ending, name from answer_file where answer = :answer order by at, id")
                .param("answer", answer)
                .query(SentFile.class)
                .list();
    }

    /** The bytes of one of them. */
    public Optional<byte[]> content(AnswerId answer, String id) {
        return database.sql()
                .sql("select content from answer_file where id = :id and answer = :answer")
                .param("id", id)
                .param("answer", answer)
                .query(byte[].class)
                .optional();
    }
}
