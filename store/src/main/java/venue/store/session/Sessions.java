package venue.store.session;

import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import venue.core.basics.item.PersonId;
import venue.store.database.Database;

/**
 * Who is signed in where. A session ends by itself twelve hours after its last use and thirty days after it began, or when it
 * is taken away: then it is told at once.
 */
public final class Sessions implements SessionRepository<KeptSession>, AutoCloseable {

    /** The attribute that names the person. */
    public static final String PERSON = FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME;

    private static final Duration IDLE = Duration.ofHours(12);
    private static final Duration LONGEST = Duration.ofDays(30);
    /** Between the look at a session's end and its reading. */
    private static final long SOON_MS = 1_000;

    private final Database database;
    private final JdbcIndexedSessionRepository kept;
    private final SessionRepository<Session> rows;
    private final InstantSource clock;
    private final List<Consumer<String>> listeners = new CopyOnWriteArrayList<>();

    public Sessions(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
        kept = database.sessions();
        kept.setDefaultMaxInactiveInterval(IDLE);
        kept.afterPropertiesSet();
        rows = any(kept);
    }

    /** The repository's own type of session can't be named outside it. */
    @SuppressWarnings("unchecked")
    private static SessionRepository<Session> any(SessionRepository<? extends Session> repository) {
        return (SessionRepository<Session>) repository;
    }

    /** Tells of each session that is taken away, by its id. */
    public void onEnd(Consumer<String> listener) {
        listeners.add(listener);
    }

    @Override
    public KeptSession createSession() {
        return KeptSession.begun(rows.createSession());
    }

    /** In the writer's turn, where there is something to write: a request that changes nothing waits for nobody. */
    @Override
    public void save(KeptSession session) {
        if (session.isChanged()) {
            database.write(() -> {
                rows.save(session.row());
                return true;
            });
            session.written();
        }
    }

    @Override
    public @Nullable KeptSession findById(String id) {
        // One that ended for want of use is not read, or it would be removed at once, beside the writer.
        Session row = isInUse(id) ? rows.findById(id) : null;
        return row == null || isTooOld(row) ? null : KeptSession.of(row);
    }

    private boolean isInUse(String id) {
        return database.sql()
                .sql("select count(*) > 0 from spring_session where session_id = :id and expiry_time > :now")
                .param("id", id)
                .param("now", System.currentTimeMillis() + SOON_MS)
                .query(Boolean.class)
                .single();
    }

    private boolean isTooOld(Session session) {
        return session.getCreationTime().plus(LONGEST).isBefore(clock.instant());
    }

    @Override
    public void deleteById(String id) {
        database.write(() -> {
            rows.deleteById(id);
            return true;
        });
        listeners.forEach(l -> l.accept(id));
    }

    /** Whether a session is still good. */
    public boolean isOpen(String id) {
        return findById(id) != null;
    }

    /** A person's sessions, by id. */
    public Map<String, ? extends Session> of(PersonId person) {
        return kept.findByPrincipalName(person.text());
    }

    /** Ends a person's sessions, but for one; gives how many. */
    public int end(PersonId person, @Nullable String but) {
        List<String> ended =
                of(person).keySet().stream().filter(id -> !id.equals(but)).toList();
        ended.forEach(this::deleteById);
        return ended.size();
    }

    /** Removes the rows of sessions that ended for want of use, in the writer's turn. */
    public void forget() {
        database.write(() -> {
            kept.cleanUpExpiredSessions();
            return true;
        });
    }

    @Override
    public void close() {
        kept.destroy();
    }
}
