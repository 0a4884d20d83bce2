/** The journal: every step, and what of it a person can take back. */
@NullMarked
package venue.store.journal;

import org.jspecify.annotations.NullMarked;
