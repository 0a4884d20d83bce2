/** Signing in: accounts, sessions, throttling, roles. */
@NullMarked
package venue.server.signin;

import org.jspecify.annotations.NullMarked;
