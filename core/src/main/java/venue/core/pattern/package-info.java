/** Patterns: ready-made sections to place and fill in. */
@NullMarked
package venue.core.pattern;

import org.jspecify.annotations.NullMarked;
