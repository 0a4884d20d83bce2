/** Looks as design tokens, and back. */
@NullMarked
package venue.core.model.tokens;

import org.jspecify.annotations.NullMarked;
