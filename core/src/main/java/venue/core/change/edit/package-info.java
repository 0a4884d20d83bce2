/** Commands: what a person may do to the working copy. A door: every area of commands stands on it. */
@NullMarked
package venue.core.change.edit;

import org.jspecify.annotations.NullMarked;
