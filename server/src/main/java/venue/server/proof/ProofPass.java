package venue.server.proof;

import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Base64;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Component;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.server.signin.People;
import venue.store.session.Sessions;

/**
 * Signed, short-lived passes to the proofs of one site for one session: {@code SITE.EXPIRY.SESSION.SIGNATURE}, HMAC-SHA256
 * under a key that lives as long as the process. A pass is good no longer than its session; {@code SESSION} is a name made
 * for this, which opens nothing. Nor does it open a site that is no longer one of the person's.
 */
@Component
public class ProofPass {

    private static final Duration GOOD_FOR = Duration.ofMinutes(30);
    private static final long ROUND_SECONDS = 600;
    private static final int KEY_BYTES = 32;

    /** Who holds a pass, and in which session. */
    private record Holder(String session, PersonId person) {}

    private final byte[] key = new byte[KEY_BYTES];
    private final Map<String, Holder> holders = new ConcurrentHashMap<>();
    private final InstantSource clock;
    private final People people;

    ProofPass(InstantSource clock, People people, Sessions sessions) {
        this.clock = clock;
        this.people = people;
        new SecureRandom().nextBytes(key);
        sessions.onEnd(this::ended);
    }

    /** A pass good for half an hour or a little more; asked for again within ten minutes it is the same. */
    public String issue(SiteId site, PersonId person, HttpSession session) {
        long until = clock.instant().plus(GOOD_FOR).getEpochSecond();
        String holder = sign("session " + session.getId());
        holders.putIfAbsent(holder, new Holder(session.getId(), person));
        String signed = site + "." + (until / ROUND_SECONDS + 1) * ROUND_SECONDS + "." + holder;
        return signed + "." + sign(signed);
    }

    /** With the session its passes end, though their half hour has not. */
    private void ended(String session) {
        holders.values().removeIf(h -> h.session().equals(session));
    }

    /** The site that a pass opens, while it is good. */
    public Optional<SiteId> open(String pass) {
        String[] parts = pass.split("\\.");
        if (parts.length != 4 || !parts[1].matches("[0-9]{1,12}")) {
            return Optional.empty();
        }
        byte[] expected = sign(parts[0] + "." + parts[1] + "." + parts[2]).getBytes(StandardCharsets.UTF_8);
        boolean genuine = MessageDigest.isEqual(expected, parts[3].getBytes(StandardCharsets.UTF_8));
        if (!genuine || Long.parseLong(parts[1]) < clock.instant().getEpochSecond()) {
            return Optional.empty();
        }
        return Optional.ofNullable(holders.get(parts[2]))
                .map(Holder::person)
                .filter(p -> people.maySee(p, new SiteId(parts[0])))
                .map(p -> new SiteId(parts[0]));
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
