package venue.core.model.theme;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Stream;

/** How cards stand: everywhere as the look says, or in one section or listing as that says. */
public enum CardShape {
    OPEN("Flat"),
    RULED("Ruled"),
    BOXED("Framed"),
    RAISED("Raised, with a shadow"),
    JOINED("Side against side"),
    FILLED("Tiles");

    /** The choice of what leaves it to the look. */
    private static final String USUAL = "theme";

    private final String label;

    CardShape(String label) {
        this.label = label;
    }

    private String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** As a choice takes them: {@code value=label}. */
    static String[] choices() {
        return all().toArray(String[]::new);
    }

    /** The same for what can leave it to the look. */
    public static String[] ownChoices() {
        return Stream.concat(Stream.of(USUAL + "=As the theme says"), all()).toArray(String[]::new);
    }

    private static Stream<String> all() {
        return Arrays.stream(values()).map(s -> s.key() + "=" + s.label);
    }

    /** Whether a choice says something else than the look. */
    public static boolean isOwn(String choice) {
        return !choice.equals(USUAL);
    }

    /** The class under which cards stand so. */
    public static String classOf(String choice) {
        return "as-" + choice;
    }

    /** The rules for cards that stand under the class: what the look says of them is taken back first. */
    public static String rules(String choice) {
        String here = "." + classOf(choice);
        String where = ":is(" + here + "," + here + " :not([class*=\" as-\"]))";
        return (Rules.file("own/cards") + Rules.file("arranged/cardShape/" + choice))
                .replaceAll("\\.(cards|tiles)(?![\\w-])", ".$1" + where);
    }
}
