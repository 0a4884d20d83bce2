/** What of a page is searched, what visitors ask, and what they are answered. */
@NullMarked
package venue.core.search;

import org.jspecify.annotations.NullMarked;
