package venue.core.edition.merge;

import java.util.Optional;
import venue.core.basics.item.Item;

/** What items were, and their contents as plain trees. */
public interface Archive {

    Object tree(Item item);

    Item item(Class<? extends Item> type, Object tree);

    /** The content with this hash, as far back as the journal goes. */
    Optional<Item> find(String hash);

    /** What an item was when its content had this hash; empty where it never had it. */
    default Optional<Item> past(String id, String hash) {
        return find(hash).filter(then -> then.id().equals(id));
    }

    /** The hash by which an item's content is known, whether or not it is kept already. */
    String hashOf(Item item);
}
