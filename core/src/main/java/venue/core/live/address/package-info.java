/** What a site has at an address. */
@NullMarked
package venue.core.live.address;

import org.jspecify.annotations.NullMarked;
