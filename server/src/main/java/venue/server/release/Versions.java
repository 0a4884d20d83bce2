package venue.server.release;

import java.util.Objects;
import venue.core.basics.item.Hash;
import venue.store.live.PlannedReleases.Held;
import venue.store.workspace.Standing;

/** How versions that are held stand to how the site stands. */
final class Versions {

    private Versions() {}

    /** Whether the working copy still has the version. */
    static boolean isOfNow(Standing now, Held held) {
        return now.hashOf(held.item()).equals(Objects.requireNonNullElse(held.hash(), Hash.NONE));
    }

    /** Whether it is live already. */
    static boolean isLive(Standing now, Held held) {
        return now.liveHashOf(held.item()).equals(Objects.requireNonNullElse(held.hash(), Hash.NONE));
    }
}
