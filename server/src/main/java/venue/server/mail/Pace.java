package venue.server.mail;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;

/** Letters that anybody can ask for: written in a thread of their own, and not many of them for one address. */
@Component
public class Pace {

    static final int MOST = 10;
    private static final Duration WITHIN = Duration.ofMinutes(15);
    private static final int KNOWN = 100_000;

    private final Cache<String, Integer> asked =
            Caffeine.newBuilder().expireAfterWrite(WITHIN).maximumSize(KNOWN).build();
    private final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "letters");
        thread.setDaemon(true);
        return thread;
    });

    public void require(String origin) {
        if (asked.asMap().merge(origin, 1, Integer::sum) > MOST) {
            throw Refusal.busy(
                    "too-many-letters",
                    "Many letters have been asked for from here.",
                    "Look into your mail, or try again in a quarter of an hour.");
        }
    }

    public void later(Runnable work) {
        writer.execute(work);
    }
}
