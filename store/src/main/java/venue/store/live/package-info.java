/** The live map of each site and the releases that made it. */
@NullMarked
package venue.store.live;

import org.jspecify.annotations.NullMarked;
