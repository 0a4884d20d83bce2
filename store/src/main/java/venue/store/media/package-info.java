/** Pictures as files: taken in, re-encoded and cut to widths. */
@NullMarked
package venue.store.media;

import org.jspecify.annotations.NullMarked;
