package venue.store.journal;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;

/**
 * A step to be kept.
 *
 * @param group steps of one group are undone together
 * @param reverses the group that this step takes back, for an undo or redo
 */
public record Step(
        SiteId site,
        Instant at,
        PersonId who,
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
