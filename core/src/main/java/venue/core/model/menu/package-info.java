/** Menus and their lines. */
@NullMarked
package venue.core.model.menu;

import org.jspecify.annotations.NullMarked;
