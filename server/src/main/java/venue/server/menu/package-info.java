/** Menus with their lines. */
@NullMarked
package venue.server.menu;

import org.jspecify.annotations.NullMarked;
