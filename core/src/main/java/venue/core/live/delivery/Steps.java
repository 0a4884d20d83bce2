package venue.core.live.delivery;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.live.sitemap.SitemapPath;

/**
 * What is to be done on a target so that it shows other copies than before, stage after stage: within one, the order doesn't matter. After
 * each single step, every page there is of then or of now, with its files, and leads to nothing that isn't there.
 */
public final class Steps {

    /** The stages, in their order. */
    public enum Stage {
        /** What may not be seen any more goes at once. */
        CLOSED,
        /** What pages are made of. */
        FILES,
        /** Addresses at which nothing was: nothing leads there yet. */
        NEW,
        /** Addresses at which something was. */
        CHANGED,
        /** Addresses that lead on from now, or say that nothing is there any more. */
        LEADING,
        /** What tells machines where all is. */
        TOLD,
        /** Addresses at which nothing will be. */
        GONE
    }

    /** @param puts whether it lies there after it, or is gone */
    public record Step(boolean puts, Copy copy) {}

    private final Map<Stage, List<Step>> stages = new EnumMap<>(Stage.class);

    private Steps() {}

    /**
     * @param before what lies there, by address, as far as it may be touched
     * @param after what is to lie there, by address, as far as it may be touched
     * @param doubtful addresses of which nobody knows what lies there: something broke off
     */
    public static Steps between(
            Layout layout, Map<String, Copy> before, Map<String, Copy> after, Collection<String> doubtful) {
        Steps steps = new Steps();
        after.values().stream().sorted(Comparator.comparing(Copy::at)).forEach(copy -> {
            Copy was = before.get(copy.at());
            if (was == null || !was.lies().equals(copy.lies()) || doubtful.contains(copy.at())) {
                steps.add(stage(copy, was), new Step(true, copy));
            }
        });
        if (layout == Layout.AT_ADDRESSES) {
            before.values().stream()
                    .sorted(Comparator.comparing(Copy::at))
                    .filter(c -> !after.containsKey(c.at()))
                    .filter(c -> !c.isByHash())
                    .forEach(copy -> steps.add(Stage.GONE, new Step(false, copy)));
        }
        return steps;
    }

    /** Takes away what may not be seen any more. */
    public static Steps closing(Collection<Copy> closed) {
        Steps steps = new Steps();
        closed.forEach(copy -> steps.add(Stage.CLOSED, new Step(false, copy)));
        return steps;
    }

    private void add(Stage stage, Step step) {
        if (!step.copy().lies().key().isEmpty()) {
            stages.computeIfAbsent(stage, s -> new ArrayList<>()).add(step);
        }
    }

    private static Stage stage(Copy copy, @Nullable Copy was) {
        if (copy.isFile()) {
            return Stage.FILES;
        }
        if (copy.at().equals("/robots.txt") || SitemapPath.of(copy.at()).isPresent()) {
            return Stage.TOLD;
        }
        if (was == null) {
            return Stage.NEW;
        }
        return copy.answers().status() == 200 ? Stage.CHANGED : Stage.LEADING;
    }

    public List<Step> of(Stage stage) {
        return List.copyOf(stages.getOrDefault(stage, List.of()));
    }

    /** All, in their order. */
    public List<Step> all() {
        return stages.values().stream().flatMap(List::stream).toList();
    }
}
