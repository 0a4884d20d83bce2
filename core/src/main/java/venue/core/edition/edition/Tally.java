package venue.core.edition.edition;

import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.section.OnSite;

/**
 * How a working copy stands to the live site, in numbers.
 *
 * @param pages how many are in each state; states without pages are left out
 * @param toFill places still to fill, in pages and in sections that pages share
 */
public record Tally(Map<PageState, Integer> pages, int toFill) {

    private static final Tally NOTHING = new Tally(Map.of(), 0);

    public static Tally of(Edition working, Edition live) {
        return NOTHING.with(
                working, live, working.items().stream().map(Item::id).toList(), 1);
    }

    /**
     * The numbers after a change.
     *
     * @param changed ids of the items that are not what they were, in the working copy or live
     */
    public Tally after(Edition working, Edition live, Edition workingNow, Edition liveNow, Collection<String> changed) {
        Set<String> ids = new LinkedHashSet<>(changed);
        for (String id : changed) {
            // What is beneath a page is hidden with it.
            if (working.plan().isShown(id) != workingNow.plan().isShown(id)) {
                working.plan().subtree(id).forEach(ids::add);
                workingNow.plan().subtree(id).forEach(ids::add);
            }
        }
        return with(working, live, ids, -1).with(workingNow, liveNow, ids, 1);
    }

    private Tally with(Edition working, Edition live, Collection<String> ids, int by) {
        Map<PageState, Integer> counts = new EnumMap<>(PageState.class);
        counts.putAll(pages);
        int places = toFill;
        for (Item item : ids.stream().flatMap(id -> working.find(id).stream()).toList()) {
            working.page(item.id()).ifPresent(page -> counts.merge(PageState.of(working, live, page), by, Tally::sum));
            if (item instanceof OnSite shown) {
                places += by * working.facts(shown).places().size();
            }
        }
        return new Tally(counts, places);
    }

    private static @Nullable Integer sum(int count, int more) {
        return count + more == 0 ? null : count + more;
    }
}
