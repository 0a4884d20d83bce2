/** Pages, their own settings and their addresses' parts. */
@NullMarked
package venue.core.model.page;

import org.jspecify.annotations.NullMarked;
