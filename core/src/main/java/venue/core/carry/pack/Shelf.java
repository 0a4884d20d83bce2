package venue.core.carry.pack;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.sort.Sorts;

/** What all sites can take, as one of them sees it. */
public final class Shelf {

    private static final Set<ItemSort> SORTS =
            EnumSet.of(ItemSort.THEME, ItemSort.TEMPLATE, ItemSort.KIND, ItemSort.PATTERN);

    /** How an item of the library stands to a site. */
    public enum State {
        NOT_HERE,
        /** As it was when it came. */
        HERE,
        /** The library has moved on since. */
        BEHIND
    }

    /**
     * An item of the library.
     *
     * @param id its id there
     * @param here its id in the site; absent where it is not there
     * @param adapted whether the site has changed it since it came
     */
    public record ShelfLine(
            String id,
            ItemSort sort,
            String name,
            String note,
            State state,
            @Nullable String here,
            boolean adapted) {}

    private final Settled settled;
    private final Edition here;
    private final Known known;
    private final Function<Item, Hash> hashOf;

    private Shelf(Pack library, Edition here, Known known, Function<Item, Hash> hashOf) {
        this.here = here;
        this.known = known;
        this.hashOf = hashOf;
        settled = new Settled(library, here, known, hashOf, false);
    }

    /** @param library everything that stands in the library */
    public static List<ShelfLine> of(Pack library, Edition here, Known known, Function<Item, Hash> hashOf) {
        Shelf shelf = new Shelf(library, here, known, hashOf);
        return library.items().stream()
                .map(Pack.Packed::item)
                .filter(i -> SORTS.contains(ItemSort.of(i)))
                .flatMap(shelf::line)
                .sorted(Comparator.comparing(ShelfLine::sort).thenComparing(ShelfLine::name))
                .toList();
    }

    private Stream<ShelfLine> line(Item item) {
        return settled.item(item).stream().map(theirs -> {
            Optional<Item> ours = here.find(theirs.id());
            Optional<Hash> taken = known.taken(theirs.id());
            boolean adapted = ours.isPresent()
                    && !taken.map(t -> t.equals(hashOf.apply(ours.get())))
                            .orElse(ours.get().equals(theirs));
            boolean behind = taken.filter(t -> !t.equals(hashOf.apply(theirs))).isPresent();
            State state = ours.isEmpty() ? State.NOT_HERE : behind ? State.BEHIND : State.HERE;
            return new ShelfLine(
                    item.id(),
                    ItemSort.of(item),
                    item.name(),
                    Sorts.note(item),
                    state,
                    ours.map(Item::id).orElse(null),
                    adapted);
        });
    }
}
