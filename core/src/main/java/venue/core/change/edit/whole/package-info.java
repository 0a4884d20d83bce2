/** What brings whole items from elsewhere, whatever their sorts. */
@NullMarked
package venue.core.change.edit.whole;

import org.jspecify.annotations.NullMarked;
