package venue.store.workspace;

import java.time.Instant;
import java.util.Map;
import venue.core.edition.Edition;

/**
 * A site at one moment: working copy and live release, each with the hashes of its contents. Immutable.
 *
 * @param step the number of the latest step
 * @param release the number of the live release, 0 before the first
 * @param changed when each live item was last released with a change
 */
public record Standing(
        Edition working,
        Map<String, String> hashes,
        long step,
        Edition live,
        Map<String, String> liveHashes,
        int release,
        Map<String, Instant> changed) {

    /** The hash of an item's content in the working copy; empty when it is not there. */
    public String hashOf(String item) {
        return hashes.getOrDefault(item, "");
    }
}
