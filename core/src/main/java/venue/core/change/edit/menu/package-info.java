/** What is done to menus. */
@NullMarked
package venue.core.change.edit.menu;

import org.jspecify.annotations.NullMarked;
