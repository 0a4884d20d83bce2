/** What there is to choose from in a form, and how much is left of it. */
@NullMarked
package venue.core.show.filling;

import org.jspecify.annotations.NullMarked;
