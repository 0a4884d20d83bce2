package venue.server.firststeps;

import java.util.Map;
import java.util.Set;
import venue.core.edition.Edition;
import venue.store.workspace.Standing;

/**
 * A site as its first steps look at it.
 *
 * @param began the items that it began with
 * @param first the content of each item in its first release
 * @param firstLook the look that it wore then
 * @param people how many work on it
 */
record SiteBegun(Standing now, Set<String> began, Map<String, String> first, String firstLook, int people) {

    Edition working() {
        return now.working();
    }
}
