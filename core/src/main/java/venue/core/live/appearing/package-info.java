/** The places of a site in which a page appears, and why it does or doesn't. */
@NullMarked
package venue.core.live.appearing;

import org.jspecify.annotations.NullMarked;
