package venue.core.edit.menu;

import venue.core.edit.Command;

/** What is done to menus. */
public sealed interface MenuCommand extends Command permits PlaceInMenu, RemoveFromMenu {
    static MenuCommand placeInMenu(String menu, String page, String id) {
        return new PlaceInMenu(menu, page, id);
    }

    static MenuCommand removeFromMenu(String menu, String page) {
        return new RemoveFromMenu(menu, page);
    }
}
