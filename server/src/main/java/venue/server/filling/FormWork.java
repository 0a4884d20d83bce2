package venue.server.filling;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import venue.core.body.form.FormNames;
import venue.core.body.form.Posted;

/**
 * What a visitor's machine works out before a form is sent, where that is asked: a number that makes the hash (SHA-256) of the page's
 * stamp, the form and itself begin with so many zero bits. It costs whoever looks part of a second, and us one hash. It is good once.
 */
final class FormWork {

    private static final int MOST = 200_000;
    private static final Duration KEPT = Duration.ofHours(12);

    private final Cache<String, Boolean> used =
            Caffeine.newBuilder().maximumSize(MOST).expireAfterWrite(KEPT).build();

    boolean isDone(String form, Posted posted) {
        String work = posted.one(FormNames.WORK);
        String words = posted.one(FormNames.STAMP) + " " + form + " " + work;
        return work.matches("[0-9]{1,12}")
                && zeros(words) >= FormNames.WORK_BITS
                && used.asMap().putIfAbsent(words, true) == null;
    }

    private static int zeros(String words) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(words.getBytes(StandardCharsets.UTF_8));
            int first = (hash[0] & 0xff) << 24 | (hash[1] & 0xff) << 16 | (hash[2] & 0xff) << 8 | hash[3] & 0xff;
            return Integer.numberOfLeadingZeros(first);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
