/** Element kinds: each declares its properties and renders itself. */
@NullMarked
package venue.core.element;

import org.jspecify.annotations.NullMarked;
