/** Clocks. */
@NullMarked
package venue.core.basics.time;

import org.jspecify.annotations.NullMarked;
