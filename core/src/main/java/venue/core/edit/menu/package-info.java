/** What is done to menus. */
@NullMarked
package venue.core.edit.menu;

import org.jspecify.annotations.NullMarked;
