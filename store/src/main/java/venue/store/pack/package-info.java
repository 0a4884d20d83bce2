/** Packs as files: written so that the same content gives the same bytes, and read as what anybody may have made. */
@NullMarked
package venue.store.pack;

import org.jspecify.annotations.NullMarked;
