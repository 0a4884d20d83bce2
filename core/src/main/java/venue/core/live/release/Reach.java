package venue.core.live.release;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ReachedPages;
import venue.core.model.menu.Menu;
import venue.core.model.site.Site;
import venue.core.model.theme.Look;

/**
 * Which pages a change alters for visitors.
 *
 * @param pages how many
 * @param some the ids of a few of them, to look at
 */
record Reach(long pages, List<String> some) {

    private static final int FEW = 3;

    /** @param after what it becomes */
    static Reach of(Edition working, Item after) {
        ReachedPages pages = ReachedPages.of(working, after);
        boolean all = after instanceof Site || after instanceof Menu || after instanceof Look;
        return new Reach(
                pages.count(),
                all && pages.count() > 0
                        ? first(working)
                        : pages.ids().limit(FEW).toList());
    }

    /** Those that one looks at first. */
    private static List<String> first(Edition working) {
        String home = working.site().home();
        return Stream.of(
                        Stream.ofNullable(home),
                        working.plan().beneath(null).stream(),
                        working.plan().beneath(home).stream())
                .flatMap(ids -> ids)
                .distinct()
                .limit(FEW)
                .toList();
    }
}
