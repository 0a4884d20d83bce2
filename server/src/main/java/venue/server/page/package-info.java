/** One page as its screen shows it. */
@NullMarked
package venue.server.page;

import org.jspecify.annotations.NullMarked;
