/** Who looks at the public site, and what they may open. */
@NullMarked
package venue.core.show.visitor;

import org.jspecify.annotations.NullMarked;
