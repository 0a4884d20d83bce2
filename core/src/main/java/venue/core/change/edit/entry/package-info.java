/** What is done to entries, which have no page. */
@NullMarked
package venue.core.change.edit.entry;

import org.jspecify.annotations.NullMarked;
