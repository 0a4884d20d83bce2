/** The full-text index of a live release. */
@NullMarked
package venue.store.search;

import org.jspecify.annotations.NullMarked;
