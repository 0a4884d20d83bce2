/** What a new site can start with, as it is shown and as a site is made of it. */
@NullMarked
package venue.server.beginning;

import org.jspecify.annotations.NullMarked;
