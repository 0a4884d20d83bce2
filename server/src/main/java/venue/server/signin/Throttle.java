package venue.server.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Words;

/**
 * Slows down guessing, by account and by the address that it comes from: after five failures within a quarter of an hour
 * each further try is looked at later, up to eight seconds. Nobody is locked out: the right password opens, only not at
 * once. An address has fifty tries on their way at most, as many as people may come in at one door at once; where there have been wrong ones
 * from there it has four.
 */
@Component
public class Throttle {

    static final int FREE = 5;
    static final long LONGEST_MS = 8_000;
    static final int MOST_AT_ONCE = 50;
    static final int MOST_WHERE_GUESSED = 4;
    /** So many wrong tries from an address within a quarter of an hour are taken for slips of those who sign in there. */
    static final int SLIPS = 10;

    private static final long FIRST_MS = 250;
    private static final long MS_A_SECOND = 1_000;
    /** How long comparing fifty passwords may take, on a slow machine. */
    private static final long SECONDS_FOR_ALL = 15;

    private static final int DOUBLINGS = 5;
    private static final Duration MEMORY = Duration.ofMinutes(15);
    private static final int MOST = 100_000;

    private final Cache<String, Integer> ofAccount =
            Caffeine.newBuilder().expireAfterWrite(MEMORY).maximumSize(MOST).build();
    private final Cache<String, Integer> ofAddress =
            Caffeine.newBuilder().expireAfterWrite(MEMORY).maximumSize(MOST).build();
    private final ConcurrentMap<String, Integer> onTheirWay = new ConcurrentHashMap<>();

    /** How long a try has to wait before it is looked at, in ms. */
    public long waitMs(String account, String address) {
        int failures = Math.max(count(ofAccount, account), count(ofAddress, address));
        return failures < FREE ? 0 : Math.min(LONGEST_MS, FIRST_MS << Math.min(DOUBLINGS, failures - FREE));
    }

    private static int count(Cache<String, Integer> failures, String key) {
        Integer count = failures.getIfPresent(key);
        return count == null ? 0 : count;
    }

    /** Takes a try on its way; refused where as many from there are on theirs. */
    public void begin(String address) {
        int count = onTheirWay.merge(address, 1, Integer::sum);
        boolean guessed = count(ofAddress, address) > SLIPS;
        if (count > (guessed ? MOST_WHERE_GUESSED : MOST_AT_ONCE)) {
            end(address);
            long seconds = guessed ? LONGEST_MS / MS_A_SECOND : SECONDS_FOR_ALL;
            throw Refusal.busy(
                            "tries-wait",
                            Words.count(count - 1, "other try", "other tries")
                                    + " to sign in from here are being looked at.",
                            "Try again in " + seconds + " seconds; nobody is locked out.")
                    .with(Map.of("retryAfter", seconds));
        }
    }

    public void end(String address) {
        onTheirWay.computeIfPresent(address, (a, count) -> count == 1 ? null : count - 1);
    }

    public void failed(String account, String address) {
        ofAccount.asMap().merge(account, 1, Integer::sum);
        ofAddress.asMap().merge(address, 1, Integer::sum);
    }

    /** The address stays slow: whoever guesses there may have an account of their own. */
    public void succeeded(String account) {
        ofAccount.invalidate(account);
    }
}
