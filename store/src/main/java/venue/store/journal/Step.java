package venue.store.journal;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A step to be kept.
 *
 * @param group steps of one group are undone together
 * @param reverses the group that this step takes back, for an undo or redo
 */
public record Step(
        String site,
        Instant at,
        String who,
        String name,
        Kind kind,
        String group,
        @Nullable String reverses) {

    /** What a step is. */
    public enum Kind {
        DO,
        UNDO,
        REDO,
        SYSTEM
    }
}
