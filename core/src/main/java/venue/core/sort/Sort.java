package venue.core.sort;

import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;

/** What one sort of item answers for itself. */
abstract class Sort<T extends Item> {

    private final Class<T> type;

    Sort(Class<T> type) {
        this.type = type;
    }

    /** Its record. */
    final Class<T> type() {
        return type;
    }

    /** The item under another id, with whatever it names asked for once; empty where nothing of it would be left. */
    abstract Optional<Item> anew(T item, String id, Walk walk);

    /** The item called otherwise; empty where there can't be two of it in one site. */
    abstract Optional<Item> called(T item, String name);

    /** On which pages a change of it shows. */
    ReachedPages reach(T item, Edition edition) {
        return ReachedPages.NONE;
    }
}
