/** Pictures taken in over HTTP. */
@NullMarked
package venue.server.media;

import org.jspecify.annotations.NullMarked;
