/** What is done to patterns and to the groups in which they are offered. */
@NullMarked
package venue.core.change.edit.pattern;

import org.jspecify.annotations.NullMarked;
