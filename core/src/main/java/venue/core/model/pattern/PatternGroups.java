package venue.core.model.pattern;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import venue.core.model.site.Site;

/** The purposes under which patterns are offered, usually in the order in which pages are written. */
public final class PatternGroups {

    private static final List<String> ORDER = List.of(
            "Openings",
            "Features",
            "Figures",
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

    /** Those of the patterns, each once: in the site's own order if it has one, those that it doesn't name at the end. */
    public static List<String> of(Site site, Stream<Pattern> patterns) {
        List<String> order = site.patternGroups().isEmpty() ? ORDER : site.patternGroups();
        return patterns.map(Pattern::group)
                .distinct()
                .sorted(Comparator.comparingInt((String g) -> rank(order, g)).thenComparing(Comparator.naturalOrder()))
                .toList();
    }

    private static int rank(List<String> order, String group) {
        int at = order.indexOf(group);
        return at < 0 ? order.size() : at;
    }
}
