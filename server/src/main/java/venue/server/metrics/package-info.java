/** What machines ask: whether the server is well, and its numbers. */
@NullMarked
package venue.server.metrics;

import org.jspecify.annotations.NullMarked;
