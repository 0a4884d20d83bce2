package venue.server.signin;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;

/**
 * What a password must be: 12 to 128 characters (code points), any of them; not one that is guessed soon, nor made of the
 * person's name, address or site.
 */
@Component
public class PasswordRules {

    static final int SHORTEST = 12;
    static final int LONGEST = 128;
    /** Of 0 to 4: 3 takes some 10⁸ guesses at least. */
    private static final int STRONG = 3;
    /** Measuring longer ones takes long; a hundred characters that are guessed soon are none the better for more. */
    private static final int MEASURED = 100;
    /** Words shorter than this are part of anything. */
    private static final int WORD = 3;
    /** Letters that a password with such words in it must have beside them. */
    private static final int OTHERS = 6;

    private final Zxcvbn strength = new Zxcvbn();

    /** Refuses a password; {@code words} are the person's own: name, address, site. */
    public void check(String password, Collection<String> words) {
        int length = password.codePointCount(0, password.length());
        if (length < SHORTEST) {
            throw refusal(
                    "password-short",
                    length == 0 ? "A password is missing." : "The password has " + length + " characters.",
                    "Take at least " + SHORTEST + ": three or four words that don't belong together do well.");
        }
        if (length > LONGEST) {
            throw refusal(
                    "password-long",
                    "The password has " + length + " characters; " + LONGEST + " fit.",
                    "Take a shorter one.");
        }
        if (!isStrong(password, words)) {
            throw refusal(
                    "password-weak",
                    "This password is guessed soon: it is a common one, or made of your name, address or site.",
                    "Take three or four words that don't belong together, or let a password manager make one.");
        }
    }

    boolean isStrong(String password, Collection<String> words) {
        List<String> own = words.stream()
                .flatMap(w -> Stream.concat(Stream.of(w), Arrays.stream(w.split("[^\\p{L}\\p{N}]+"))))
                .filter(w -> w.length() >= WORD)
                .toList();
        String measured = password.substring(0, Math.min(MEASURED, password.length()));
        // What stands between words makes them look like more than they are.
        String together = measured.replaceAll("[\\p{P}\\p{Z}]+", "");
        return !isMadeOf(measured, own)
                && Stream.of(measured, together)
                        .allMatch(p -> strength.measure(p, own).getScore() >= STRONG);
    }

    /** Whether little is left of it without one's own words. */
    private static boolean isMadeOf(String password, List<String> own) {
        String rest = password.toLowerCase(Locale.ROOT);
        for (String word : own) {
            rest = rest.replace(word.toLowerCase(Locale.ROOT), "");
        }
        return rest.length() < password.length()
                && rest.replaceAll("[^\\p{L}]", "").length() < OTHERS;
    }

    private static Refusal refusal(String code, String message, String fix) {
        return Refusal.badInput(code, "password", message, fix);
    }
}
