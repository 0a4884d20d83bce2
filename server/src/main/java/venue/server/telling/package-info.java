/** Tells search engines what a release has changed, by IndexNow. */
@NullMarked
package venue.server.telling;

import org.jspecify.annotations.NullMarked;
