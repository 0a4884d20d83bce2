/** Keeping an installation well: backups and restoring them, what lies unused, how much there is, what was done when. */
@NullMarked
package venue.store.upkeep;

import org.jspecify.annotations.NullMarked;
