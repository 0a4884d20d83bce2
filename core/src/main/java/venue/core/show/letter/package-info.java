/** Letters: a page, or what is newest in a listing, as mail readers can show it. */
@NullMarked
package venue.core.show.letter;

import org.jspecify.annotations.NullMarked;
