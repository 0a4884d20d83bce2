/** Old addresses and where they lead now. */
@NullMarked
package venue.core.model.redirect;

import org.jspecify.annotations.NullMarked;
