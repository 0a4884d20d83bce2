/** Templates: a frame, zones and the sections that come with them. */
@NullMarked
package venue.core.model.template;

import org.jspecify.annotations.NullMarked;
