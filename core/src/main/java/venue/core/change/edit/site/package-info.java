/** What is done to the site as a whole. */
@NullMarked
package venue.core.change.edit.site;

import org.jspecify.annotations.NullMarked;
