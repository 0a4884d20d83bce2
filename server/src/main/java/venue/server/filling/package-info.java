/** What visitors did with forms, as pages are told of it; and what guards forms against floods. */
@NullMarked
package venue.server.filling;

import org.jspecify.annotations.NullMarked;
