/** How visitors rate pages. */
@NullMarked
package venue.store.rating;

import org.jspecify.annotations.NullMarked;
