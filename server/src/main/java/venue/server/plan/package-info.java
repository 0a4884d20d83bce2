/** The rows of the plan. */
@NullMarked
package venue.server.plan;

import org.jspecify.annotations.NullMarked;
