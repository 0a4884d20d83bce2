/** Patterns: ready-made sections to place and fill in. */
@NullMarked
package venue.core.model.pattern;

import org.jspecify.annotations.NullMarked;
