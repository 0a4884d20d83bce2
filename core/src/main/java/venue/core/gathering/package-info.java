/** Answers what listings ask of an edition. */
@NullMarked
package venue.core.gathering;

import org.jspecify.annotations.NullMarked;
