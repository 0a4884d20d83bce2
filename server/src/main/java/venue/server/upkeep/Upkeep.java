package venue.server.upkeep;

import jakarta.annotation.PreDestroy;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.store.database.StorageTrouble;
import venue.store.upkeep.Tasks;

/** Does what is due, one task at a time, and keeps how each ended. */
@Component
class Upkeep {

    private static final Logger LOG = LoggerFactory.getLogger(Upkeep.class);
    private static final long MINUTE_MS = 60_000;
    private static final long LAST_WAIT_S = 20;

    private final List<UpkeepTask> tasks;
    private final Tasks kept;
    private final InstantSource clock;
    private final Set<String> waiting = ConcurrentHashMap.newKeySet();
    private final ExecutorService one = Executors.newSingleThreadExecutor(work -> new Thread(work, "upkeep"));

    Upkeep(List<UpkeepTask> tasks, Tasks kept, InstantSource clock) {
        this.tasks = tasks;
        this.kept = kept;
        this.clock = clock;
    }

    List<UpkeepTask> tasks() {
        return tasks;
    }

    boolean isRunning(String name) {
        return waiting.contains(name);
    }

    @Scheduled(fixedDelay = MINUTE_MS, initialDelay = MINUTE_MS)
    void look() {
        ZonedDateTime now = clock.instant().atZone(ZoneId.systemDefault());
        for (UpkeepTask task : tasks) {
            ZonedDateTime last = kept.last(task.name())
                    .filter(l -> l.endedAt() != null)
                    .map(l -> Instant.parse(l.beganAt()).atZone(now.getZone()))
                    .orElse(null);
            if (task.isDue(last, now)) {
                start(task);
            }
        }
    }

    /** Begins a task as soon as nothing else is done; refused where it runs already. */
    void start(String name) {
        UpkeepTask task = tasks.stream()
                .filter(t -> t.name().equals(name))
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("task", name));
        if (!start(task)) {
            throw Refusal.badInput(
                    "runs-already", "task", "This is being done already.", "Wait until it is done: it is shown here.");
        }
    }

    private boolean start(UpkeepTask task) {
        if (!waiting.add(task.name())) {
            return false;
        }
        one.execute(() -> run(task));
        return true;
    }

    private void run(UpkeepTask task) {
        try {
            kept.begun(task.name());
            kept.ended(task.name(), true, task.run());
        } catch (RuntimeException e) {
            String why = why(e);
            LOG.warn("{} failed: {}", task.title(), why);
            kept.ended(task.name(), false, why);
        } finally {
            waiting.remove(task.name());
        }
    }

    private static String why(RuntimeException e) {
        return StorageTrouble.behind(e)
                .map(StorageTrouble::says)
                .orElseGet(() -> e instanceof UncheckedIOException && e.getCause() != null
                        ? "it can't be written (" + e.getCause().getMessage() + ")."
                        : String.valueOf(e.getMessage()));
    }

    /** What runs has a while to end; a backup that does not is not taken for one. */
    @PreDestroy
    void stop() throws InterruptedException {
        one.shutdown();
        one.awaitTermination(LAST_WAIT_S, TimeUnit.SECONDS);
    }
}
