package venue.server.proof;

import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Base64;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.context.event.EventListener;
import org.springframework.security.web.session.HttpSessionDestroyedEvent;
import org.springframework.stereotype.Component;

/**
 * Signed, short-lived passes to the proofs of one site for one session: {@code SITE.EXPIRY.SESSION.SIGNATURE}, HMAC-SHA256
 * under a key that lives as long as the process. A pass is good no longer than its session; {@code SESSION} is a name made
 * for this, which opens nothing.
 */
@Component
public class ProofPass {

    private static final Duration GOOD_FOR = Duration.ofMinutes(30);
    private static final long ROUND_SECONDS = 600;
    private static final int KEY_BYTES = 32;
    private static final String NAME = "venue.proofs";

    private final byte[] key = new byte[KEY_BYTES];
    private final Set<String> open = ConcurrentHashMap.newKeySet();
    private final InstantSource clock;

    ProofPass(InstantSource clock) {
        this.clock = clock;
        new SecureRandom().nextBytes(key);
    }

    /** A pass good for half an hour or a little more; asked for again within ten minutes it is the same. */
    public String issue(String site, HttpSession session) {
        long until = clock.instant().plus(GOOD_FOR).getEpochSecond();
        String signed = site + "." + (until / ROUND_SECONDS + 1) * ROUND_SECONDS + "." + nameOf(session);
        return signed + "." + sign(signed);
    }

    private String nameOf(HttpSession session) {
        synchronized (open) {
            Object known = session.getAttribute(NAME);
            String name = known == null ? UUID.randomUUID().toString() : known.toString();
            if (known == null) {
                session.setAttribute(NAME, name);
            }
            open.add(name);
            return name;
        }
    }

    /** With the session its passes end, though their half hour has not. */
    @EventListener
    void ended(HttpSessionDestroyedEvent event) {
        Object name = event.getSession().getAttribute(NAME);
        if (name != null) {
            open.remove(name.toString());
        }
    }

    /** The site that a pass opens, while it is good. */
    Optional<String> open(String pass) {
        String[] parts = pass.split("\\.");
        if (parts.length != 4 || !parts[1].matches("[0-9]{1,12}")) {
            return Optional.empty();
        }
        byte[] expected = sign(parts[0] + "." + parts[1] + "." + parts[2]).getBytes(StandardCharsets.UTF_8);
        boolean genuine = MessageDigest.isEqual(expected, parts[3].getBytes(StandardCharsets.UTF_8));
        boolean good = Long.parseLong(parts[1]) >= clock.instant().getEpochSecond() && open.contains(parts[2]);
        return genuine && good ? Optional.of(parts[0]) : Optional.empty();
    }

    private String sign(String text) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(key, "HmacSHA256"));
            byte[] signature = mac.doFinal(text.getBytes(StandardCharsets.UTF_8));
            return Base64.getUrlEncoder().withoutPadding().encodeToString(signature);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java runtime has HmacSHA256", e);
        }
    }
}
