package venue.server.catalog;

import java.util.List;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.MenuUse;
import venue.core.model.menu.Menu;
import venue.core.model.property.Property;

/**
 * A menu.
 *
 * @param places the facts of the site by which it is shown around every page
 */
record MenuInfo(String id, String name, List<String> places) {

    static MenuInfo of(Edition edition, Menu menu) {
        return new MenuInfo(
                menu.id(),
                menu.name(),
                MenuUse.places(edition, menu.id()).stream().map(Property::key).toList());
    }
}
