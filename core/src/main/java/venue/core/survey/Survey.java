package venue.core.survey;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.edition.Edition;
import venue.core.edition.Touched;
import venue.core.item.Item;

/**
 * The check of a whole edition for what does not agree. Immutable; carried on from step to step, it looks again at what a step
 * touches alone.
 */
public final class Survey {

    private static final List<Rule> RULES = List.of(
            new BrokenLink(),
            new MenuLineNowhere(),
            new SaidNowhere(),
            new FailingContrast(),
            new OrphanPage(),
            new ToFillLeft(),
            new SameSearchTitle(),
            new MenuLineWaits(),
            new MissingDescription(),
            new PictureWithoutWords(),
            HardToRead.unreadable(),
            HardToRead.weak(),
            new TemplateGone(),
            new Misplaced(),
            new FieldMissing(),
            new TopicTwins(),
            new TopicUsedOnce());

    private static final Comparator<Finding> GRAVEST = Comparator.comparing(Finding::severity)
            .thenComparing(Finding::rule)
            .thenComparing(Finding::item)
            .thenComparing(Finding::says)
            .thenComparing(Finding::section, Comparator.nullsFirst(Comparator.naturalOrder()));

    /** A rule as people read of it. */
    public record RuleInfo(String key, String name, Severity severity, String why) {}

    private final Scope scope;
    /** What each rule has found, in the order of the rules. */
    private final List<Found> found;

    private volatile @Nullable List<Finding> all;

    private Survey(Scope scope, List<Found> found) {
        this.scope = scope;
        this.found = found;
    }

    public static List<RuleInfo> rules() {
        return RULES.stream()
                .map(r -> new RuleInfo(r.key(), r.name(), r.severity(), r.why()))
                .toList();
    }

    /** The survey of a working copy. */
    public static Survey of(Edition working, Edition live) {
        return of(Scope.workingCopy(working, live));
    }

    /** The survey of an edition as visitors have it, or would have it. */
    public static Survey ofReleased(Edition edition) {
        return of(Scope.released(edition));
    }

    private static Survey of(Scope scope) {
        return new Survey(
                scope, RULES.stream().map(rule -> Found.by(rule, scope)).toList());
    }

    /**
     * The survey of a later working copy.
     *
     * @param changed ids of the items that are not what they were, in the working copy or live
     */
    public Survey after(Edition working, Edition live, Collection<String> changed) {
        Set<String> touched = Touched.by(scope.edition(), working, changed);
        Scope now = scope.after(working, live, touched);
        List<Found> later = new ArrayList<>();
        for (int i = 0; i < RULES.size(); i++) {
            Rule rule = RULES.get(i);
            if (changed.stream().anyMatch(id -> rule.isReadEverywhere(item(scope, id), item(now, id)))) {
                later.add(found.get(i).anew(rule, now));
            } else {
                Set<String> again = new HashSet<>(touched);
                touched.forEach(id -> rule.touches(scope, now, id).forEach(again::add));
                later.add(found.get(i).after(rule, now, again));
            }
        }
        return new Survey(now, later);
    }

    private static @Nullable Item item(Scope scope, String id) {
        return scope.edition().find(id).orElse(null);
    }

    /** The items about which something else was found before the step that led here. */
    public Set<String> news() {
        return found.stream().flatMap(f -> f.news().stream()).collect(Collectors.toSet());
    }

    /** All findings, the gravest first. */
    public List<Finding> all() {
        List<Finding> known = all;
        if (known == null) {
            known = found.stream().flatMap(Found::all).sorted(GRAVEST).toList();
            all = known;
        }
        return known;
    }

    /** What is found about an item, the gravest first. */
    public List<Finding> about(String item) {
        return found.stream().flatMap(f -> f.about(item)).sorted(GRAVEST).toList();
    }

    /** How many findings of a weight there are. */
    public int count(Severity severity) {
        int count = 0;
        for (int i = 0; i < RULES.size(); i++) {
            count += RULES.get(i).severity() == severity ? found.get(i).count() : 0;
        }
        return count;
    }
}
