/** The public site: finished bytes by host name. */
@NullMarked
package venue.server.live;

import org.jspecify.annotations.NullMarked;
