package venue.store.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.PersonId;
import venue.store.database.Database;

/** Sessions are written in the writer's turn: people sign in and out while others work, and nobody is refused. */
class SessionsTest {

    private static final PersonId INES = new PersonId("ines");
    private static final int WORKERS = 4;
    private static final int ROUNDS = 60;

    @TempDir
    Path folder;

    private Database database;
    private Sessions sessions;

    private int signInAndOut() {
        for (int round = 0; round < ROUNDS; round++) {
            KeptSession session = sessions.createSession();
            session.setAttribute(Sessions.PERSON, INES.text());
            sessions.save(session);
            KeptSession again = sessions.findById(session.getId());
            assertThat(again).isNotNull();
            again.setAttribute("round", round);
            sessions.save(again);
            if (round % 2 == 0) {
                sessions.deleteById(session.getId());
                assertThat(sessions.isOpen(session.getId())).isFalse();
            }
        }
        return ROUNDS;
    }

    private int work() {
        for (int round = 0; round < ROUNDS; round++) {
            String at = String.valueOf(round);
            database.write(() -> {
                assertThat(database.setting("round")).isNotNull();
                return database.set("round", at);
            });
        }
        return ROUNDS;
    }

    @Test
    void signingInAndOutNeverFailsWhileOthersWrite() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(WORKERS + 1);
        try (Database opened = Database.open(folder);
                Sessions all = new Sessions(opened, InstantSource.system())) {
            database = opened;
            sessions = all;
            List<Callable<Integer>> acts = IntStream.rangeClosed(0, WORKERS)
                    .<Callable<Integer>>mapToObj(n -> n == 0 ? this::work : this::signInAndOut)
                    .toList();
            for (Future<Integer> act : pool.invokeAll(acts)) {
                assertThat(act.get()).isEqualTo(ROUNDS);
            }
            assertThat(sessions.of(INES)).hasSize(WORKERS * ROUNDS / 2);
            assertThat(sessions.end(INES, null)).isEqualTo(WORKERS * ROUNDS / 2);
            assertThat(sessions.of(INES)).isEmpty();
        } finally {
            pool.shutdownNow();
        }
    }
}
