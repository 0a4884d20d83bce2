/** Refusals as problem details (RFC 9457). */
@NullMarked
package venue.server.problem;

import org.jspecify.annotations.NullMarked;
