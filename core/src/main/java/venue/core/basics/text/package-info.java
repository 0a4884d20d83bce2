/** Text that people write: cleaned on the way in, escaped on the way out, counted and shortened. */
@NullMarked
package venue.core.basics.text;

import org.jspecify.annotations.NullMarked;
