/** Carrying a change of a template or pattern to the pages that hold copies of its sections. */
@NullMarked
package venue.core.change.rollout;

import org.jspecify.annotations.NullMarked;
