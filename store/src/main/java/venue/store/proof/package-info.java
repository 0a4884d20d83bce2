/** Proofs sent to people without an account. */
@NullMarked
package venue.store.proof;

import org.jspecify.annotations.NullMarked;
