/** What is done to looks. */
@NullMarked
package venue.core.change.edit.look;

import org.jspecify.annotations.NullMarked;
