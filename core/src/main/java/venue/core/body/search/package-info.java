/** What visitors look for, and what they are answered. */
@NullMarked
package venue.core.body.search;

import org.jspecify.annotations.NullMarked;
