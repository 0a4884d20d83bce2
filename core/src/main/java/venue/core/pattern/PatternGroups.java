package venue.core.pattern;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The purposes under which patterns are offered, in the order in which pages are written; a site's own come after. */
public final class PatternGroups {

    private static final List<String> ORDER = List.of(
            "Openings",
            "Features",
            "People",
            "Voices",
            "Questions",
            "Offers",
            "Pictures",
            "Partners",
            "Steps",
            "Calls to act",
            "Contact and place",
            "Documents",
            "Latest",
            "Whole pages");

    private PatternGroups() {}

    /** Those of the patterns, each once. */
    public static List<String> of(Stream<Pattern> patterns) {
        return patterns.map(Pattern::group)
                .distinct()
                .sorted(Comparator.comparingInt(PatternGroups::rank).thenComparing(Comparator.naturalOrder()))
                .toList();
    }

    private static int rank(String group) {
        int at = ORDER.indexOf(group);
        return at < 0 ? ORDER.size() : at;
    }
}
