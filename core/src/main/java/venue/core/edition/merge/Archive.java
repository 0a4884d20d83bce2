package venue.core.edition.merge;

import java.util.Optional;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;

/** What items were, and their contents as plain trees. */
public interface Archive {

    Object tree(Item item);

    Item item(Class<? extends Item> type, Object tree);

    /** The content with this hash, as far back as the journal goes. */
    Optional<Item> find(Hash hash);

    /** What an item was when its content had this hash; empty where it never had it. */
    default Optional<Item> past(String id, Hash hash) {
        return find(hash).filter(then -> then.id().equals(id));
    }

    /** The hash by which an item's content is known, whether or not it is kept already. */
    Hash hashOf(Item item);
}
