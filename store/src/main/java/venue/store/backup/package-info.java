/** One file that holds all that a data folder keeps: written, looked at, unpacked. It knows files and no database. */
@NullMarked
package venue.store.backup;

import org.jspecify.annotations.NullMarked;
