/** Pages, their own settings and their addresses' parts. */
@NullMarked
package venue.core.page;

import org.jspecify.annotations.NullMarked;
