package venue.core.carry.pack;

import venue.core.basics.item.Item;
import venue.core.model.page.Page;
import venue.core.sort.Sorts;

/** The name of an item that comes beside one of the same name. */
final class Renamed {

    private static final String SECOND = " (2)";

    private Renamed() {}

    /** Whether an item can stand beside another that is like it; there is one site, and one menu in each place. */
    static boolean canBe(Item item) {
        return Sorts.called(item, item.name()).isPresent();
    }

    static Item second(Item item) {
        String name = item.name();
        int room = Page.LONGEST_TITLE - SECOND.length();
        return Sorts.called(item, (name.length() > room ? name.substring(0, room) : name) + SECOND)
                .orElse(item);
    }
}
