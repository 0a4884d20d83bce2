package venue.server.catalog;

import venue.core.menu.Menu;

/** A menu's name and where it is shown. */
record MenuInfo(String id, String name, String place) {

    static MenuInfo of(Menu menu) {
        return new MenuInfo(menu.id(), menu.name(), menu.place());
    }
}
