/** Looks whether links to other sites still lead somewhere. */
@NullMarked
package venue.server.outside;

import org.jspecify.annotations.NullMarked;
