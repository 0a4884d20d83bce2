/** The members of a site, as those who make it look after them. */
@NullMarked
package venue.server.member;

import org.jspecify.annotations.NullMarked;
