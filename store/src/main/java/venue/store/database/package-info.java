/** The SQLite database: one writer, many readers, migrated when opened. */
@NullMarked
package venue.store.database;

import org.jspecify.annotations.NullMarked;
