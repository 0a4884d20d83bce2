/** One's own account: name, address, password, second step, sessions. */
@NullMarked
package venue.server.account;

import org.jspecify.annotations.NullMarked;
