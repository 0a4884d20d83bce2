/** The people of the installation: inviting them, what they may do, and coming in by a link. */
@NullMarked
package venue.server.team;

import org.jspecify.annotations.NullMarked;
