/** Patterns: where they are placed, and one on its screen. */
@NullMarked
package venue.server.pattern;

import org.jspecify.annotations.NullMarked;
