/** What is done to addresses that lead on. */
@NullMarked
package venue.core.change.edit.redirect;

import org.jspecify.annotations.NullMarked;
