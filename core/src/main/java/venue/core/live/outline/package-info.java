/** The plan as a table and as an indented list: written, and read with what each row would do. */
@NullMarked
package venue.core.live.outline;

import org.jspecify.annotations.NullMarked;
