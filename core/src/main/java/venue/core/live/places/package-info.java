/** The law by which places that run out are given. */
@NullMarked
package venue.core.live.places;

import org.jspecify.annotations.NullMarked;
