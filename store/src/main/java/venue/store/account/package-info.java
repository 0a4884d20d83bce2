/** The people who sign in. */
@NullMarked
package venue.store.account;

import org.jspecify.annotations.NullMarked;
