/**
 * Element kinds: each declares its properties and renders itself. A door: lists, cards and what declares them are asked from
 * other rooms.
 */
@NullMarked
package venue.core.body.element;

import org.jspecify.annotations.NullMarked;
