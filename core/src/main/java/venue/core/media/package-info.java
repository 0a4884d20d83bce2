/** Pictures and other files of a site. */
@NullMarked
package venue.core.media;

import org.jspecify.annotations.NullMarked;
