package venue.core.show.render;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;

/**
 * Until when what was written is right, though nothing on the site changes: whatever depends on the day or the hour says when it would be
 * another. It is for one page, while that is written.
 */
public final class Lasts {

    private @Nullable LocalDateTime first;

    /** Something would be another from a moment on, on the site's clocks. */
    public void until(LocalDateTime moment) {
        if (first == null || moment.isBefore(first)) {
            first = moment;
        }
    }

    /** The first moment from which it may be another; absent where it is right for good. */
    public @Nullable Instant end(ZoneId zone) {
        return first == null ? null : first.atZone(zone).toInstant();
    }
}
