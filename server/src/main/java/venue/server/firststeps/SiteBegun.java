package venue.server.firststeps;

import java.util.Set;
import venue.core.basics.item.Hash;
import venue.core.edition.edition.Edition;
import venue.store.workspace.Standing;

/**
 * A site as its first steps look at it.
 *
 * @param began the items that it began with
 * @param firstLook the look that its first release wore
 * @param lookThen the hash of the content that this look had then
 * @param people how many work on it
 * @param isBackedUp whether the installation has a backup
 */
record SiteBegun(Standing now, Set<String> began, String firstLook, Hash lookThen, int people, boolean isBackedUp) {

    Edition working() {
        return now.working();
    }
}
