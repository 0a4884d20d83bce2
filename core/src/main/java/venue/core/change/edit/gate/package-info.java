/** Who may see what, and the groups of members that may. */
@NullMarked
package venue.core.change.edit.gate;

import org.jspecify.annotations.NullMarked;
