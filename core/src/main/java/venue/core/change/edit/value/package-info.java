/** What is done to declared properties, whatever they are of. */
@NullMarked
package venue.core.change.edit.value;

import org.jspecify.annotations.NullMarked;
