package venue.core.model.property;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Letters;

/** Checks properties that managers declare themselves: the fields of a kind, the options of a template. */
public final class Declared {

    private static final int MOST = 60;
    private static final int LONGEST_LABEL = 60;
    private static final int LONGEST_HELP = 300;
    private static final int MOST_CHOICES = 100;
    private static final Set<PropertyType> WITHOUT_DEFAULT =
            EnumSet.of(PropertyType.MANY, PropertyType.PICTURE, PropertyType.FILE);
    private static final Set<PropertyType> TYPES = EnumSet.complementOf(EnumSet.of(
            PropertyType.KIND,
            PropertyType.MENU,
            PropertyType.OPTION,
            PropertyType.FONT,
            PropertyType.FIELD,
            PropertyType.FORM));

    private Declared() {}

    /** @param where the name of the list in refusals */
    public static List<Property> check(List<Property> declared, String where, Set<String> reserved) {
        if (declared.size() > MOST) {
            throw Refusal.badInput(
                    "too-many", where, declared.size() + " of them; " + MOST + " fit.", "Take some away.");
        }
        Set<String> keys = new HashSet<>();
        for (Property one : declared) {
            String at = where + "." + one.key();
            if (!one.key().matches("[a-z][a-zA-Z0-9-]{0,39}") || reserved.contains(one.key())) {
                throw Refusal.badInput(
                        "bad-key",
                        at,
                        "“" + one.key() + "” can't be a key.",
                        "Begin with a small letter; letters, digits and hyphens follow, at most 40"
                                + (reserved.contains(one.key()) ? "; this one is taken by every page." : "."));
            }
            if (!keys.add(one.key())) {
                throw Refusal.badInput(
                        "key-twice", at, "Two of them have the key " + one.key() + ".", "Give each its own.");
            }
            words(one, at);
            shape(one, at);
        }
        return declared;
    }

    private static void words(Property one, String at) {
        if (Letters.isUnseen(one.label()) || one.label().length() > LONGEST_LABEL) {
            throw Refusal.badInput(
                    "bad-label",
                    at,
                    "A label has 1 to " + LONGEST_LABEL + " characters; this has "
                            + one.label().length() + ".",
                    "Say in a few words what is to be given.");
        }
        if (one.help().length() > LONGEST_HELP
                || one.group().length() > LONGEST_LABEL
                || one.unit().length() > 20) {
            throw Refusal.badInput(
                    "too-long",
                    at,
                    "The help, group or unit of “" + one.label() + "” is too long.",
                    LONGEST_HELP + " characters of help, " + LONGEST_LABEL + " of a group and 20 of a unit fit.");
        }
    }

    private static void shape(Property one, String at) {
        if (one.line() != null) {
            throw Refusal.badInput(
                    "unknown-property",
                    at + ".line",
                    "Fields of a kind have no rule for their lines.",
                    "Leave it out.");
        }
        if (!TYPES.contains(one.type())) {
            throw Refusal.badInput("bad-type", at, "“" + one.label() + "” can't be of this type.", "Choose another.");
        }
        if (one.type() == PropertyType.CHOICE) {
            choices(one, at);
        }
        if (one.type() == PropertyType.MANY) {
            if (one.entries().isEmpty() || one.entries().stream().anyMatch(e -> e.type() == PropertyType.MANY)) {
                throw Refusal.badInput(
                        "bad-entries", at, "“" + one.label() + "” needs something to hold several of.", "Choose what.");
            }
            check(one.entries(), at, Set.of());
        }
        range(one, at);
        if (one.fallback() != null) {
            if (WITHOUT_DEFAULT.contains(one.type())) {
                throw Refusal.badInput(
                        "no-default", at, "“" + one.label() + "” can't have a default.", "Leave it out.");
            }
            PropertyCheck.one(one, one.fallback(), at);
        }
    }

    private static void range(Property one, String at) {
        Property.Range range = one.range();
        if (range != null
                && range.min() != null
                && range.max() != null
                && range.min().compareTo(range.max()) > 0) {
            throw Refusal.badInput(
                    "bad-range",
                    at,
                    "The range of “" + one.label() + "” ends before it begins: " + plain(range.min()) + " to "
                            + plain(range.max()) + ".",
                    "Give the lower end first.");
        }
    }

    private static String plain(BigDecimal number) {
        return number.toPlainString();
    }

    private static void choices(Property one, String at) {
        Set<String> values = new HashSet<>();
        boolean sound = one.choices().stream()
                .allMatch((Choice c) -> !Letters.isUnseen(c.label())
                        && c.label().length() <= LONGEST_LABEL
                        && c.value().matches("[\\p{L}\\p{N}-]{1,60}")
                        && values.add(c.value()));
        if (!sound || values.isEmpty() || values.size() > MOST_CHOICES) {
            throw Refusal.badInput(
                    "bad-choices",
                    at,
                    "“" + one.label() + "” needs 1 to " + MOST_CHOICES + " choices, each with words of its own.",
                    "Write one on each line.");
        }
    }
}
