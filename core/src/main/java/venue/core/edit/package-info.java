/** Commands: what a person may do to the working copy. */
@NullMarked
package venue.core.edit;

import org.jspecify.annotations.NullMarked;
