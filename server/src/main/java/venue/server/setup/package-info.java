/** The first run: from an empty data folder to an owner and a site. */
@NullMarked
package venue.server.setup;

import org.jspecify.annotations.NullMarked;
