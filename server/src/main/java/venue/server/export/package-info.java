/** The live site as plain files that any web server can serve, and how it is to serve them. */
@NullMarked
package venue.server.export;

import org.jspecify.annotations.NullMarked;
