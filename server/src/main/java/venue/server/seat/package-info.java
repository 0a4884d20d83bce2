/** Places that come free: who moves up and is told, and who is reminded of what they have a place of. */
@NullMarked
package venue.server.seat;

import org.jspecify.annotations.NullMarked;
