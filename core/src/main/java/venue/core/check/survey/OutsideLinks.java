package venue.core.check.survey;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.link.Link;
import venue.core.edition.edition.Edition;
import venue.core.model.section.OnSite;

/** Links to other sites, and those of them at which something is wrong. What is there is not looked at here. */
public final class OutsideLinks {

    private static final Survey.RuleInfo DEAD = new Survey.RuleInfo(
            "outside-link-dead",
            "Dead link to another site",
            Severity.SHOULD_FIX,
            "Visitors who follow it find nothing, and hold it for a fault of this site.");

    /** All that is looked for. */
    public static final List<Survey.RuleInfo> RULES = List.of(DEAD);

    private OutsideLinks() {}

    /** The addresses to which pages of a site lead that visitors get, or will. */
    public static Set<String> of(Edition edition) {
        return edition.all(OnSite.class)
                .flatMap(item -> addresses(edition, item))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Stream<String> addresses(Edition edition, OnSite item) {
        return edition.facts(item).leads().elsewhere().stream()
                .filter(Link::isOutside)
                .map(Link::target)
                .filter(t -> t.startsWith("http://") || t.startsWith("https://"));
    }

    /**
     * What is found.
     *
     * @param dead what is wrong at which address
     */
    public static List<Finding> in(Edition edition, Map<String, String> dead) {
        return dead.isEmpty()
                ? List.of()
                : edition.kept(
                        List.of(DEAD, dead),
                        () -> edition.all(OnSite.class)
                                .flatMap(item -> Stand.of(edition, item).stream())
                                .flatMap(stand -> about(edition, stand, dead))
                                .toList());
    }

    private static Stream<Finding> about(Edition edition, Stand stand, Map<String, String> dead) {
        Collection<String> linked = addresses(edition, stand.item()).collect(Collectors.toCollection(TreeSet::new));
        return linked.stream()
                .filter(dead::containsKey)
                .map(address -> new Finding(
                        DEAD.key(),
                        DEAD.severity(),
                        stand.page(),
                        "Links to " + address + ": " + dead.get(address) + ".",
                        DEAD.why(),
                        List.of(),
                        null));
    }
}
