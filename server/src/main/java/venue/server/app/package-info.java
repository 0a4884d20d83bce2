/** What the server is started with, and the parts that all features share. */
@NullMarked
package venue.server.app;

import org.jspecify.annotations.NullMarked;
