package venue.server.metrics;

import java.time.Duration;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.store.database.Database;

/** Whether the server is well: 200 or 503, for whoever asks under the interface's host name. */
@RestController
class HealthController {

    private static final Duration PATIENCE = Duration.ofSeconds(3);

    private final Database database;
    /** One looks at the database at a time: whoever comes while that hangs is answered by the same. */
    private final ExecutorService looking = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "health");
        thread.setDaemon(true);
        return thread;
    });

    private @Nullable Future<Boolean> last;

    HealthController(Database database) {
        this.database = database;
    }

    /** {@code up} or {@code down}. */
    record Health(String status) {

        private static final Health UP = new Health("up");
        private static final Health DOWN = new Health("down");
    }

    /** Whether it can do its work: the database is looked at. */
    @GetMapping("/-/health")
    ResponseEntity<Health> health() throws InterruptedException {
        return answer(answers());
    }

    /** Whether it is there at all. */
    @GetMapping("/-/health/live")
    ResponseEntity<Health> live() {
        return answer(true);
    }

    /** The look that is being taken, else a new one. */
    private synchronized Future<Boolean> look() {
        if (last == null || last.isDone()) {
            last = looking.submit(database::answers);
        }
        return last;
    }

    private boolean answers() throws InterruptedException {
        try {
            return look().get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
        } catch (ExecutionException | TimeoutException e) {
            return false;
        }
    }

    private static ResponseEntity<Health> answer(boolean up) {
        return ResponseEntity.status(up ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE)
                .cacheControl(CacheControl.noStore())
                .body(up ? Health.UP : Health.DOWN);
    }
}
