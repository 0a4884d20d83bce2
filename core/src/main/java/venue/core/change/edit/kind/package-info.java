/** What is done to kinds of pages. */
@NullMarked
package venue.core.change.edit.kind;

import org.jspecify.annotations.NullMarked;
