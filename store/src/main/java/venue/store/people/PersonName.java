package venue.store.people;

import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Letters;

/** What a person is called: one line, of 1 to 120 characters. */
public final class PersonName {

    private static final int LONGEST = 120;

    private PersonName() {}

    public static String check(String typed) {
        String name = Letters.line(typed);
        if (Letters.isUnseen(name) || name.codePointCount(0, name.length()) > LONGEST) {
            throw Refusal.badInput(
                    "bad-name",
                    "name",
                    Letters.isUnseen(name)
                            ? "A name is missing."
                            : "The name has " + name.codePointCount(0, name.length()) + " characters.",
                    "Give one of 1 to " + LONGEST + " characters, as colleagues know it.");
        }
        return name;
    }
}
