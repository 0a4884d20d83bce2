package venue.server.live;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Expiry;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The finished answers that are held in memory, of all sites together: at most an eighth of the heap. */
@Component
final class HeldReplies {

    private static final int PART_OF_HEAP = 8;
    private static final Duration LONG = Duration.ofDays(3650);

    /** @param lasts how long what is held under it is good */
    private record Key(String name, Duration lasts) {}

    private final Cache<Key, Reply> held = Caffeine.newBuilder()
            .maximumWeight(Runtime.getRuntime().maxMemory() / PART_OF_HEAP)
            .weigher((Key key, Reply reply) -> reply.weight() + 2 * key.name().length())
            .expireAfter(Expiry.creating((Key key, Reply reply) -> key.lasts()))
            .build();

    /** What never changes under a name; it is made once. */
    Optional<Reply> forEver(String name, Supplier<@Nullable Reply> made) {
        return Optional.ofNullable(held.get(new Key(name, LONG), key -> made.get()));
    }

    Optional<Reply> find(String name, Duration lasts) {
        return Optional.ofNullable(held.getIfPresent(new Key(name, lasts)));
    }

    void forget(String name, Duration lasts) {
        held.invalidate(new Key(name, lasts));
    }

    void put(String name, Duration lasts, Reply reply) {
        held.put(new Key(name, lasts), reply);
    }
}
