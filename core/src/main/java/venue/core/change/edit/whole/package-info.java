/** What is done to many items at once, whatever their sorts. */
@NullMarked
package venue.core.change.edit.whole;

import org.jspecify.annotations.NullMarked;
