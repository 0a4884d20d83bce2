/**
 * Declared properties: one mechanism for elements, section settings, theme settings, facts and kind fields. A door: whatever is
 * declared is declared with it.
 */
@NullMarked
package venue.core.model.property;

import org.jspecify.annotations.NullMarked;
