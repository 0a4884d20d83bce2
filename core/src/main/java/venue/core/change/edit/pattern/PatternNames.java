package venue.core.change.edit.pattern;

import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Names;
import venue.core.edition.edition.Edition;
import venue.core.model.pattern.Pattern;

/** What patterns and their groups are called. */
final class PatternNames {

    /** Where one is kept of which nothing else is said. */
    static final String OWN = "Our own";

    private static final int LONGEST = 60;
    private static final int MOST_GROUPS = 60;

    private PatternNames() {}

    /** A pattern's name: a line, and each once, or nobody could tell in the tray which is which. */
    static String check(Edition edition, String id, String name) {
        return Names.check(edition, Pattern.class, id, name);
    }

    static String group(String group) {
        return group.isBlank() ? OWN : Names.line("group", group, LONGEST, "Give it a shorter one.");
    }

    static List<String> groups(List<String> groups) {
        List<String> named = groups.stream().map(PatternNames::group).distinct().toList();
        if (named.size() < groups.size()) {
            throw Refusal.badInput(
                    "named-twice", "groups", "A group is named twice in this order.", "Name each group once.");
        }
        if (named.size() > MOST_GROUPS) {
            throw Refusal.badInput(
                    "too-many-groups",
                    "groups",
                    "A site has up to " + MOST_GROUPS + " groups of patterns; these are " + named.size() + ".",
                    "Put some of them together.");
        }
        return named;
    }
}
