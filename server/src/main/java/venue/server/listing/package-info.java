/** Listings as they are tried. */
@NullMarked
package venue.server.listing;

import org.jspecify.annotations.NullMarked;
