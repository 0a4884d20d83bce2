/** Findings of the survey that were set aside. */
@NullMarked
package venue.store.aside;

import org.jspecify.annotations.NullMarked;
