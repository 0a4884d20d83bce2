/** Looks as design tokens, and back. */
@NullMarked
package venue.core.tokens;

import org.jspecify.annotations.NullMarked;
