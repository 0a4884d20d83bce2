/** Where releases go outside this machine, and how that stands. */
@NullMarked
package venue.store.delivery;

import org.jspecify.annotations.NullMarked;
