/** Brings each release to the places outside this machine to which it is to go, and keeps them as the live site is. */
@NullMarked
package venue.server.delivery;

import org.jspecify.annotations.NullMarked;
