package venue.core.carry.pack;

import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.model.page.Page;
import venue.core.sort.Sorts;

/** The name of an item that comes beside one of the same name. */
final class Renamed {

    private Renamed() {}

    /** Whether an item can stand beside another that is like it; there is one site, and one menu in each place. */
    static boolean canBe(Item item) {
        return Sorts.called(item, item.name()).isPresent();
    }

    /**
     * The item under the first name that is free: “Visit (2)”, “Visit (3)”.
     *
     * @param taken the names of all that is of its sort
     */
    static Item beside(Item item, Set<String> taken) {
        return Stream.iterate(2, n -> n + 1)
                .map(n -> numbered(item.name(), " (" + n + ")"))
                .filter(name -> !taken.contains(name))
                .findFirst()
                .flatMap(name -> Sorts.called(item, name))
                .orElse(item);
    }

    private static String numbered(String name, String number) {
        int room = Page.LONGEST_TITLE - number.length();
        return (name.length() > room ? name.substring(0, room) : name) + number;
    }
}
