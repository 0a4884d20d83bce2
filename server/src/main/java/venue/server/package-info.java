/** The server: command line, HTTP API, proofs and the public site. */
@NullMarked
package venue.server;

import org.jspecify.annotations.NullMarked;
