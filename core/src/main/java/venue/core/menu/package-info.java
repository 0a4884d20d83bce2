/** Menus and their lines. */
@NullMarked
package venue.core.menu;

import org.jspecify.annotations.NullMarked;
