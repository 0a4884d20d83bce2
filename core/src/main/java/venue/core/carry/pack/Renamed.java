package venue.core.carry.pack;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.sort.Sorts;

/** The names of items that come beside others of the same name. */
final class Renamed {

    private final Edition here;
    private final Map<Class<?>, Set<String>> taken = new HashMap<>();

    Renamed(Edition here) {
        this.here = here;
    }

    /** Whether an item can stand beside another that is like it; there is one site, and one menu in each place. */
    static boolean canBe(Item item) {
        return Sorts.called(item, item.name()).isPresent();
    }

    /** The item under the first name that nothing of its sort has: “Visit (2)”, “Visit (3)”. */
    Item beside(Item item) {
        Set<String> names = taken.computeIfAbsent(
                item.getClass(),
                sort -> here.all(item.getClass()).map(Item::name).collect(Collectors.toSet()));
        return Stream.iterate(2, n -> n + 1)
                .map(n -> numbered(item.name(), " (" + n + ")"))
                .filter(name -> !names.contains(name))
                .findFirst()
                .flatMap(name -> Sorts.called(item, name))
                .orElse(item);
    }

    private static String numbered(String name, String number) {
        int room = Page.LONGEST_TITLE - number.length();
        return (name.length() > room ? name.substring(0, room) : name) + number;
    }
}
