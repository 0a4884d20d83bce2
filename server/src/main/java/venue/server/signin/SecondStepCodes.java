package venue.server.signin;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import io.nayuki.qrcodegen.QrCode;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.InstantSource;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.store.link.Links;
import venue.store.people.Person;
import venue.store.people.SecondSteps;
import venue.store.record.By;

/**
 * Codes of an authenticator app (RFC 6238: SHA-1, six digits, thirty seconds; the one before and the one after are taken too,
 * each once) and recovery codes.
 */
@Component
public class SecondStepCodes {

    private static final int SECRET_BYTES = 20;
    private static final int RECOVERY_BYTES = 8;
    private static final int RECOVERY_LENGTH = 10;

    private final TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
    private final SecureRandom chance = new SecureRandom();
    private final SecondSteps steps;
    private final InstantSource clock;

    SecondStepCodes(SecondSteps steps, InstantSource clock) {
        this.steps = steps;
        this.clock = clock;
    }

    /**
     * What an app needs to make codes.
     *
     * @param secret in base 32, to be typed where no picture can be taken
     * @param uri the same as apps read it
     * @param qr the squares of the code that says it, as an SVG path in units of one square
     * @param size how many squares it is wide
     */
    public record Secret(String secret, String uri, String qr, int size) {}

    public Secret begin(Person person) {
        steps.begin(person.id(), base32(random(SECRET_BYTES)));
        String secret = steps.of(person.id()).orElseThrow().secret();
        String uri = "otpauth://totp/Venue:" + encoded(person.email()) + "?secret=" + secret + "&issuer=Venue";
        QrCode code = QrCode.encodeText(uri, QrCode.Ecc.MEDIUM);
        return new Secret(secret, uri, path(code), code.size);
    }

    /** Whether somebody signs in with one. */
    boolean areAskedOf(PersonId person) {
        return steps.isOn(person);
    }

    /** Whether a code is right, of the app or a recovery code; it is used up. */
    public boolean isRight(PersonId person, String typed) {
        String code = Links.plain(typed);
        Optional<SecondSteps.SecondStep> step = steps.of(person);
        OptionalLong counter = step.isPresent() ? counter(step.get().secret(), code) : OptionalLong.empty();
        return counter.isPresent() ? steps.use(person, counter.getAsLong()) : steps.recover(person, code);
    }

    /** Turns it on with a first code; gives the recovery codes. */
    public java.util.List<String> confirm(By by, Person person, String typed) {
        if (!isRight(person.id(), typed)) {
            throw Refusal.badInput(
                    "wrong-code",
                    "code",
                    "This is not the code that the app shows now.",
                    "Type the six digits that it shows; if they are refused again, look at your phone's clock.");
        }
        return steps.confirm(
                by,
                person.id(),
                () -> base32(random(RECOVERY_BYTES))
                        .substring(0, RECOVERY_LENGTH)
                        .toLowerCase(java.util.Locale.ROOT));
    }

    private OptionalLong counter(String secret, String code) {
        long now = clock.instant().getEpochSecond() / codes.getTimeStep().toSeconds();
        return LongStream.of(now, now - 1, now + 1)
                .filter(c -> same(code, at(secret, c)))
                .findFirst();
    }

    private static boolean same(String typed, String right) {
        return java.security.MessageDigest.isEqual(
                typed.getBytes(StandardCharsets.UTF_8), right.getBytes(StandardCharsets.UTF_8));
    }

    private String at(String secret, long counter) {
        try {
            java.time.Instant then = java.time.Instant.ofEpochSecond(
                    counter * codes.getTimeStep().toSeconds());
            return codes.generateOneTimePasswordString(
                    new SecretKeySpec(new Base32().decode(secret), codes.getAlgorithm()), then);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }

    private byte[] random(int bytes) {
        byte[] made = new byte[bytes];
        chance.nextBytes(made);
        return made;
    }

    private static String path(QrCode code) {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < code.size; y++) {
            for (int x = 0; x < code.size; x++) {
                if (code.getModule(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return path.toString();
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    /** RFC 4648, without padding. */
    private static String base32(byte[] bytes) {
        return new Base32().encodeToString(bytes).replace("=", "");
    }
}
