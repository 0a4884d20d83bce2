/** Entries of kinds that have no pages: shown by listings. */
@NullMarked
package venue.core.model.entry;

import org.jspecify.annotations.NullMarked;
