package venue.core.carry.pack;

import java.util.Optional;
import venue.core.basics.item.Hash;

/** Who the items of a site are, those among them that are gone too. */
public interface Known {

    /** The identity of an item. */
    String identity(String id);

    /** The item with an identity, whether or not it is there now. */
    Optional<String> find(String identity);

    /** Whether an item ever went by this id. */
    boolean isUsed(String id);

    /** The hash of what an item was when it came, or was given to all sites; empty for one that did neither. */
    default Optional<Hash> taken(String id) {
        return Optional.empty();
    }
}
