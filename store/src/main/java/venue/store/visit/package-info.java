/** How often the pages of sites are read. */
@NullMarked
package venue.store.visit;

import org.jspecify.annotations.NullMarked;
