package venue.server.metrics;

import java.time.Duration;
import java.util.List;
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
import venue.server.delivery.Delivering;
import venue.store.database.Database;

/** Whether the server is well: 200 or 503, for whoever asks under the interface's host name. */
@RestController
class HealthController {

    private static final Duration PATIENCE = Duration.ofSeconds(3);

    private final Database database;
    private final Delivering delivering;
    /** One looks at the database at a time: whoever comes while that hangs is answered by the same. */
    private final ExecutorService looking = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "health");
        thread.setDaemon(true);
        return thread;
    });

    private @Nullable Future<Seen> last;

    HealthController(Database database, Delivering delivering) {
        this.database = database;
        this.delivering = delivering;
    }

    /**
     * How it is.
     *
     * @param status {@code up} or {@code down}
     * @param lagging deliveries that something is in the way of, as {@code SITE/NAME}; absent for none. No reason to be down
     */
    record Health(String status, @Nullable List<String> lagging) {}

    /** What was seen in one look. */
    private record Seen(boolean up, List<String> lagging) {
        private static final Seen NOTHING = new Seen(false, List.of());
    }

    /** Whether it can do its work: the database is looked at. */
    @GetMapping("/-/health")
    ResponseEntity<Health> health() throws InterruptedException {
        return answer(seen());
    }

    /** Whether it is there at all. */
    @GetMapping("/-/health/live")
    ResponseEntity<Health> live() {
        return answer(new Seen(true, List.of()));
    }

    /** The look that is being taken, else a new one. */
    private synchronized Future<Seen> look() {
        if (last == null || last.isDone()) {
            last = looking.submit(() -> new Seen(database.answers(), delivering.lagging()));
        }
        return last;
    }

    private Seen seen() throws InterruptedException {
        try {
            return look().get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
        } catch (ExecutionException | TimeoutException e) {
            return Seen.NOTHING;
        }
    }

    private static ResponseEntity<Health> answer(Seen seen) {
        return ResponseEntity.status(seen.up() ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE)
                .cacheControl(CacheControl.noStore())
                .body(new Health(seen.up() ? "up" : "down", seen.lagging().isEmpty() ? null : seen.lagging()));
    }
}
