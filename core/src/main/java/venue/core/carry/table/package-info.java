/** Entries as tables of words: read with what is wrong in each row, and written. */
@NullMarked
package venue.core.carry.table;

import org.jspecify.annotations.NullMarked;
