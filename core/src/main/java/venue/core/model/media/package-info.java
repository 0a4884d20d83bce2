/** Pictures and other files of a site. */
@NullMarked
package venue.core.model.media;

import org.jspecify.annotations.NullMarked;
