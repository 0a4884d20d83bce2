/** The values that properties hold: given, still to fill, or bound to a field of the page. */
@NullMarked
package venue.core.basics.value;

import org.jspecify.annotations.NullMarked;
