/** The sites an account works on, and how a site stands. */
@NullMarked
package venue.server.site;

import org.jspecify.annotations.NullMarked;
