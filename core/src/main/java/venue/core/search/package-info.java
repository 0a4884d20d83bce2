/** What visitors look for, and what they are answered. */
@NullMarked
package venue.core.search;

import org.jspecify.annotations.NullMarked;
