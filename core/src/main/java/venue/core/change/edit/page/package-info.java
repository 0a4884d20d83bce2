/** What is done to pages themselves: made, named, placed, taken off, dressed. */
@NullMarked
package venue.core.change.edit.page;

import org.jspecify.annotations.NullMarked;
