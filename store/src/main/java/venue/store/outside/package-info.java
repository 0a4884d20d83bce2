/** What was found at addresses of other sites. */
@NullMarked
package venue.store.outside;

import org.jspecify.annotations.NullMarked;
