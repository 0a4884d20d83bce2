/** What a new site starts with. */
@NullMarked
package venue.core.beginning;

import org.jspecify.annotations.NullMarked;
