package venue.store.upkeep;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntSupplier;
import venue.store.answer.AnswerFiles;
import venue.store.database.Database;
import venue.store.member.MemberSessions;
import venue.store.record.Records;
import venue.store.search.InVain;
import venue.store.visit.Visits;

/**
 * What is kept for a while: answers to requests, proofs that were sent, links, words sought in vain, lines of the record, and contents that
 * nothing names any more. It is taken away in small steps, between which others write.
 */
public final class Outdated {

    /** How long a request that is sent again is answered as the first time; how long a link is kept when it is good no more. */
    public static final Duration KEPT = Duration.ofDays(30);

    private static final int STEP = 500;
    private static final int LOOKED_AT = 4 * STEP;

    private static final String REQUESTS = """
            delete from request where (site, id) in (select site, id from request where at < :before limit :step)
            """;
    private static final String PROOFS = """
            delete from sent_proof where token_hash in (select token_hash from sent_proof where until < :before limit :step)
            """;
    private static final String LINKS =
            "delete from link where hash in (select hash from link where until < :before limit :step)";
    private static final String MEMBER_LINKS =
            "delete from member_link where hash in (select hash from member_link where until < :before limit :step)";
    private static final String MEMBER_SESSIONS = """
            delete from member_session where hash in (select hash from member_session where used_at < :before limit :step)
            """;
    private static final String SOUGHT = """
            delete from sought where (site, what, day, words) in
              (select site, what, day, words from sought where day <= :before limit :step)
            """;
    private static final String ANSWERS =
            "delete from answer where id in (select id from answer where until < :before limit :step)";
    private static final String FILES = """
            delete from answer_file where id in
              (select id from answer_file where answer is null and at < :before limit :step)
            """;
    private static final String ASKED = """
            delete from subscriber where id in (select id from subscriber where stands = 'ASKED' and ended is null and asked < :before limit :step)
            """;
    private static final String READS = """
            delete from page_read where (site, page, day) in
              (select site, page, day from page_read where day < :before limit :step)
            """;
    private static final String RECORD =
            "delete from record where id in (select id from record where at < :before limit :step)";

    private static final String UNNAMED = """
             not exists (select 1 from working where working.hash = c.hash)
             and not exists (select 1 from live where live.hash = c.hash)
             and not exists (select 1 from step_change where after = c.hash)
             and not exists (select 1 from step_change where before = c.hash)
             and not exists (select 1 from release_change where after = c.hash)
             and not exists (select 1 from release_change where before = c.hash)
             and not exists (select 1 from taken where taken.hash = c.hash)
             and not exists (select 1 from past where past.hash = c.hash)
            """;
    private static final String LATER = "select hash from content where hash > :from order by hash limit :most";
    private static final String LOOSE = "select hash from content c where hash in (:hashes) and" + UNNAMED;
    private static final String REMOVE =
            "delete from content where hash in (select hash from content c where hash in (:hashes) and" + UNNAMED + ")";

    private final Database database;
    private final InstantSource clock;

    public Outdated(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Takes it all away, and says of what there was something how much. */
    public Map<String, Integer> remove() {
        Instant now = clock.instant();
        Map<String, Integer> gone = new LinkedHashMap<>();
        gone.put("answer to a request", all(REQUESTS, now.minus(KEPT).toString()));
        gone.put("sent proof", all(PROOFS, now.toString()));
        gone.put("link", all(LINKS, now.minus(KEPT).toString()) + all(MEMBER_LINKS, now.toString()));
        gone.put(
                "member’s session",
                all(MEMBER_SESSIONS, now.minus(MemberSessions.GOOD_FOR).toString()));
        gone.put(
                "word sought in vain",
                all(
                        SOUGHT,
                        now.atZone(ZoneOffset.UTC)
                                .toLocalDate()
                                .minusDays(InVain.DAYS)
                                .toString()));
        gone.put("answer of a visitor", all(ANSWERS, now.toString()));
        gone.put(
                "file that waited for an answer",
                all(FILES, now.minus(AnswerFiles.WAITS).toString()));
        gone.put("subscriber who never confirmed", all(ASKED, now.minus(KEPT).toString()));
        gone.put(
                "day of how often a page was read",
                all(
                        READS,
                        now.atZone(ZoneOffset.UTC)
                                .toLocalDate()
                                .minusDays(Visits.DAYS)
                                .toString()));
        gone.put("line of the record", all(RECORD, now.minus(Records.KEPT).toString()));
        gone.put("content that nothing names", contents());
        gone.values().removeIf(n -> n == 0);
        return gone;
    }

    private int all(String statement, String before) {
        return repeated(() -> database.write(() -> database.sql()
                .sql(statement)
                .param("before", before)
                .param("step", STEP)
                .update()));
    }

    private static int repeated(IntSupplier step) {
        int all = 0;
        int gone;
        do {
            gone = step.getAsInt();
            all += gone;
        } while (gone == STEP);
        return all;
    }

    private int contents() {
        int gone = 0;
        String from = "";
        while (true) {
            List<String> some = database.sql()
                    .sql(LATER)
                    .param("from", from)
                    .param("most", LOOKED_AT)
                    .query(String.class)
                    .list();
            if (some.isEmpty()) {
                return gone;
            }
            from = some.get(some.size() - 1);
            List<String> loose = database.sql()
                    .sql(LOOSE)
                    .param("hashes", some)
                    .query(String.class)
                    .list();
            gone += loose.isEmpty() ? 0 : remove(loose);
        }
    }

    /** Looked at once more, because somebody may have written the same meanwhile. */
    private int remove(List<String> loose) {
        return database.write(
                () -> database.sql().sql(REMOVE).param("hashes", loose).update());
    }
}
