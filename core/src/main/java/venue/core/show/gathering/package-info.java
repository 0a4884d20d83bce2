/** Answers what listings ask of an edition. */
@NullMarked
package venue.core.show.gathering;

import org.jspecify.annotations.NullMarked;
