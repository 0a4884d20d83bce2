package venue.server.filling;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/**
 * How often something was done from one network on a day (UTC). Networks are told apart by a hash whose key is thrown away with the day,
 * and all of it is held in memory alone: the day after nobody can tell what was done from where, we neither.
 */
@Component
public class NetworkDays {

    private static final int KEY_BYTES = 32;
    /** So much is told apart on a day at most; what is beyond is not done. */
    static final int MOST = 500_000;

    private record Day(LocalDate date, byte[] key, Map<String, Integer> times) {}

    private final InstantSource clock;
    private final SecureRandom chance = new SecureRandom();
    private volatile Day today;

    NetworkDays(InstantSource clock) {
        this.clock = clock;
        today = begin();
    }

    private LocalDate date() {
        return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    private Day begin() {
        byte[] key = new byte[KEY_BYTES];
        chance.nextBytes(key);
        return new Day(date(), key, new ConcurrentHashMap<>());
    }

    /** Whether something may be done once more from a network today: it is counted by that. */
    public boolean may(String network, String what, int most) {
        Day day = day();
        String known = known(day, network + "\n" + what);
        if (day.times().size() >= MOST && !day.times().containsKey(known)) {
            return false;
        }
        return day.times().merge(known, 1, Integer::sum) <= most;
    }

    private Day day() {
        Day now = today;
        if (!now.date().equals(date())) {
            now = begin();
            today = now;
        }
        return now;
    }

    /** What is held of today: for whoever wants to see that nothing else is. */
    Map<String, Integer> held() {
        return Map.copyOf(day().times());
    }

    private static String known(Day day, String what) {
        try {
            MessageDigest hash = MessageDigest.getInstance("SHA-256");
            hash.update(day.key());
            return HexFormat.of().formatHex(hash.digest(what.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
