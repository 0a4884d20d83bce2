/** Old addresses and where they lead now. */
@NullMarked
package venue.core.redirect;

import org.jspecify.annotations.NullMarked;
