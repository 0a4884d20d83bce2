package venue.core.live.release;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import venue.core.edition.edition.ItemSort;

/**
 * One thing that a release would change.
 *
 * @param item its id
 * @param says what changes, as short sentences
 * @param needs ids of other entries that must come along
 */
public record ReleaseEntry(
        String item,
        ItemSort sort,
        String name,
        Fate fate,
        List<String> says,
        List<String> needs,
        @JsonUnwrapped ReachedByIt reached) {

    /**
     * @param reaches how many pages it alters for visitors
     * @param pages the ids of a few of those, to look at
     */
    public record ReachedByIt(long reaches, List<String> pages) {}

    /** What becomes of it on the live site. */
    public enum Fate {
        NEW,
        CHANGED,
        /** Taken off the site, and still there for managers. */
        OFF,
        GONE
    }

    ReleaseEntry withNeeds(List<String> ids) {
        return new ReleaseEntry(item, sort, name, fate, says, ids, reached);
    }
}
