package venue.server.delivery;

import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import venue.core.edition.edition.Edition;
import venue.core.live.delivery.Layout;
import venue.server.live.HeldSite;

/**
 * What is to be on a target.
 *
 * @param site its id
 * @param address the public address that pages name
 * @param held what is answered now
 * @param past the edition of a release, with what has changed since; empty where that isn't known
 */
record Goal(String site, Layout layout, String address, HeldSite held, IntFunction<Optional<Past>> past) {

    /** @param changed ids of the items that are others now */
    record Past(Edition edition, Set<String> changed) {}
}
