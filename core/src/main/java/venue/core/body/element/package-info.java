/** Element kinds: each declares its properties and renders itself. */
@NullMarked
package venue.core.body.element;

import org.jspecify.annotations.NullMarked;
