/** Proofs of the working copy, served from the site's own host under short-lived addresses. */
@NullMarked
package venue.server.proof;

import org.jspecify.annotations.NullMarked;
