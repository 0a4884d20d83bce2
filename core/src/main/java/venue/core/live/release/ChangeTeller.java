package venue.core.live.release;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.model.page.Page;
import venue.core.sort.Between;
import venue.core.sort.ReachedPages;
import venue.core.sort.Sorts;

/** Tells in sentences what differs between two contents of one item. */
final class ChangeTeller {

    /** So many pages are named to be looked at. */
    private static final int FEW = 3;

    private final Between between;

    ChangeTeller(Between between) {
        this.between = between;
    }

    private ReleaseEntry.Fate fate(@Nullable Item before, @Nullable Item after) {
        if (before == null) {
            return ReleaseEntry.Fate.NEW;
        }
        if (after == null) {
            return ReleaseEntry.Fate.GONE;
        }
        boolean goesOff = isOff(between.working(), after) && !isOff(between.live(), before);
        return goesOff ? ReleaseEntry.Fate.OFF : ReleaseEntry.Fate.CHANGED;
    }

    private static boolean isOff(Edition edition, Item item) {
        return edition.page(item.id()).filter(Page::withdrawn).isPresent();
    }

    ReleaseEntry entry(String id, @Nullable Item before, @Nullable Item after) {
        Item shown = after != null ? after : Objects.requireNonNull(before);
        Optional<ReachedPages> reach = Optional.ofNullable(after).map(item -> ReachedPages.of(between.working(), item));
        List<String> says = Sorts.tells(before, after, between);
        return new ReleaseEntry(
                id,
                ItemSort.of(shown),
                shown.name(),
                fate(before, after),
                says,
                List.of(),
                new ReleaseEntry.ReachedByIt(
                        reach.map(ReachedPages::count).orElse(0L),
                        reach.map(r -> r.few(FEW)).orElse(List.of())));
    }
}
