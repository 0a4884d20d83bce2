/** Commands: what a person may do to the working copy. */
@NullMarked
package venue.core.change.edit;

import org.jspecify.annotations.NullMarked;
