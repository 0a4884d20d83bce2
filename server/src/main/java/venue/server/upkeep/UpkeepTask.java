package venue.server.upkeep;

import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;

/** One thing that is done by itself. */
interface UpkeepTask {

    /** What it is called where its last result is kept. */
    String name();

    /** What people call it. */
    String title();

    /**
     * Whether it is time.
     *
     * @param last when it was begun last; null where it never was
     */
    boolean isDue(@Nullable ZonedDateTime last, ZonedDateTime now);

    /** Does it, and says in a few words what came of it. */
    String run();
}
