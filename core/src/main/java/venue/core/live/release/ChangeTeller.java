package venue.core.live.release;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.edition.edition.ItemSort;
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

    ReleaseEntry entry(String id, @Nullable Item before, @Nullable Item after) {
        Item shown = after != null ? after : Objects.requireNonNull(before);
        ReleaseEntry.Fate fate = before == null
                ? ReleaseEntry.Fate.NEW
                : after == null ? ReleaseEntry.Fate.GONE : ReleaseEntry.Fate.CHANGED;
        Optional<ReachedPages> reach = Optional.ofNullable(after).map(item -> ReachedPages.of(between.working(), item));
        List<String> says = Sorts.tells(before, after, between);
        return new ReleaseEntry(
                id,
                ItemSort.of(shown),
                shown.name(),
                fate,
                says,
                List.of(),
                new ReleaseEntry.ReachedByIt(
                        reach.map(ReachedPages::count).orElse(0L),
                        reach.map(r -> r.few(FEW)).orElse(List.of())));
    }
}
