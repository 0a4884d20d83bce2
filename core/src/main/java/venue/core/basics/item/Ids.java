package venue.core.basics.item;

import java.util.random.RandomGenerator;
import venue.core.basics.fault.Refusal;

/** Ids: 1 to 40 lower-case letters, digits and hyphens. */
public final class Ids {

    private static final String LETTERS = "abcdefghjkmnpqrstvwxyz0123456789";
    private static final int LENGTH = 12;

    private Ids() {}

    /** A new id of twelve letters, drawn from {@code chance}. */
    public static String fresh(RandomGenerator chance) {
        StringBuilder id = new StringBuilder(LENGTH);
        for (int i = 0; i < LENGTH; i++) {
            id.append(LETTERS.charAt(chance.nextInt(LETTERS.length())));
        }
        return id.toString();
    }

    /** Gives back {@code id}, or refuses it. */
    public static String check(String id, String field) {
        if (!isId(id)) {
            throw Refusal.badInput(
                    "bad-id", field, "“" + id + "” is no id.", "Ids are 1 to 40 of a–z, 0–9 and hyphen.");
        }
        return id;
    }

    private static boolean isId(String id) {
        if (id.isEmpty() || id.length() > 40) {
            return false;
        }
        return id.chars().allMatch(c -> c >= 'a' && c <= 'z' || c >= '0' && c <= '9' || c == '-');
    }
}
