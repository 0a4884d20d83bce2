/** Contents by their hash, and the JSON they are kept as. */
@NullMarked
package venue.store.content;

import org.jspecify.annotations.NullMarked;
