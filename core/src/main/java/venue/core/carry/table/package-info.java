/** Tables of words, and entries as such: read with what is wrong in each row, and written. */
@NullMarked
package venue.core.carry.table;

import org.jspecify.annotations.NullMarked;
