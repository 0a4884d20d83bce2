/** Release plans, releases and their log. */
@NullMarked
package venue.server.release;

import org.jspecify.annotations.NullMarked;
