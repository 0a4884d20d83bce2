/** Templates: the list, one on its screen, and rolling its changes out. */
@NullMarked
package venue.server.template;

import org.jspecify.annotations.NullMarked;
