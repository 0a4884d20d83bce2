/** Pictures as files: taken in, re-encoded and cut to widths. A door: the server takes in, keeps and serves files by it. */
@NullMarked
package venue.store.media;

import org.jspecify.annotations.NullMarked;
