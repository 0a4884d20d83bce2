/** Writing HTML that is well-formed by construction. */
@NullMarked
package venue.core.basics.html;

import org.jspecify.annotations.NullMarked;
