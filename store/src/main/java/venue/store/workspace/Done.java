package venue.store.workspace;

import java.util.List;

/**
 * What a step did.
 *
 * @param items ids of what was made, changed or removed
 */
public record Done(long step, String name, String who, List<String> items) {}
