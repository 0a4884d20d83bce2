package venue.server.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import org.springframework.stereotype.Component;

/** Slows down guessing: after five failures within a quarter of an hour a name or address has to wait. */
@Component
class Throttle {

    static final int FREE = 5;

    private static final Duration MEMORY = Duration.ofMinutes(15);
    private static final int MOST = 100_000;

    private final Cache<String, Integer> failures =
            Caffeine.newBuilder().expireAfterWrite(MEMORY).maximumSize(MOST).build();

    boolean mustWait(String key) {
        Integer count = failures.getIfPresent(key);
        return count != null && count >= FREE;
    }

    void failed(String key) {
        failures.asMap().merge(key, 1, Integer::sum);
    }

    void succeeded(String key) {
        failures.invalidate(key);
    }
}
