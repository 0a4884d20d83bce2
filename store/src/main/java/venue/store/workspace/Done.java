package venue.store.workspace;

import java.util.Map;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;

/**
 * What a step did.
 *
 * @param revisions the hash of each item that was made or changed; an empty text for one that was removed
 */
public record Done(long step, String name, PersonId who, Map<String, Hash> revisions) {

    public Done {
        revisions = revisions == null ? Map.of() : Map.copyOf(revisions);
    }
}
