/** Packs over the wire: saved to whoever asks, and looked at before they are read. */
@NullMarked
package venue.server.pack;

import org.jspecify.annotations.NullMarked;
