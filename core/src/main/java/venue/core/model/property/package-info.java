/** Declared properties: one mechanism for elements, section settings, theme settings, facts and kind fields. */
@NullMarked
package venue.core.model.property;

import org.jspecify.annotations.NullMarked;
