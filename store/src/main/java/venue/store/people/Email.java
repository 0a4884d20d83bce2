package venue.store.people;

import java.util.Locale;
import java.util.regex.Pattern;
import venue.core.basics.fault.Refusal;

/** An e-mail address as it is kept and compared: without spaces around it, in lower case. */
public final class Email {

    private static final int LONGEST = 254;
    /** What a mail server takes, without quoted names (RFC 5321, 4.1.2), and with a dot or none in its domain. */
    private static final Pattern WRITTEN = Pattern.compile(
            "[^\\s@<>()\\[\\],;:\\\\\"\\p{Cntrl}]{1,64}@[\\p{L}\\p{N}](?:[\\p{L}\\p{N}.-]*[\\p{L}\\p{N}])?");

    private Email() {}

    /** The address to look somebody up by, whatever was typed. */
    public static String normal(String typed) {
        return typed.strip().toLowerCase(Locale.ROOT);
    }

    /** The address, or a refusal that names the field. */
    public static String check(String typed, String field) {
        String email = normal(typed);
        if (email.length() > LONGEST || !WRITTEN.matcher(email).matches() || email.contains("..")) {
            throw Refusal.badInput(
                    "bad-address",
                    field,
                    email.isEmpty() ? "An e-mail address is missing." : "“" + shown(email) + "” is no e-mail address.",
                    "Write it as name@domain, in 254 characters at most.");
        }
        return email;
    }

    private static String shown(String email) {
        int most = 60;
        return email.length() <= most ? email : email.substring(0, most) + "…";
    }
}
