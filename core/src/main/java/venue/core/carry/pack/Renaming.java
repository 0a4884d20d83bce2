package venue.core.carry.pack;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.sort.Walk;

/** Everything that names one page made to name another. */
public final class Renaming {

    private Renaming() {}

    /** The items that change by it: pages that lead there, and whatever else does. */
    public static List<Item> of(Edition edition, String from, String into) {
        Map<String, String> ids = Map.of(from, into);
        Walk walk = new Walk(id -> Optional.of(ids.getOrDefault(id, id)), Walk.fieldsOf(edition::find));
        Stream<Item> pages = Stream.concat(
                        edition.inbound().pagesTo(from).stream(), edition.inbound().naming(from).stream())
                .distinct()
                .flatMap(id -> edition.page(id).stream());
        Stream<Item> others =
                edition.items().stream().filter(i -> edition.page(i.id()).isEmpty());
        return Stream.concat(pages, others)
                .flatMap(i -> walk.item(i, i.id()).filter(made -> !made.equals(i)).stream())
                .toList();
    }
}
