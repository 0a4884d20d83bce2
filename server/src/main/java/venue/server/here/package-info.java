/** Whom a request comes from and which site it names: the one place where requests find their site. */
@NullMarked
package venue.server.here;

import org.jspecify.annotations.NullMarked;
