/** What is done to looks. */
@NullMarked
package venue.core.edit.look;

import org.jspecify.annotations.NullMarked;
