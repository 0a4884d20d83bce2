/** Two versions of a page beside one another, as words. */
@NullMarked
package venue.core.edition.compare;

import org.jspecify.annotations.NullMarked;
