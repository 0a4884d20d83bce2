package venue.core.change.edit.menu;

import java.util.List;
import venue.core.change.edit.Command;
import venue.core.model.menu.Line;

/** What is done to menus. */
public sealed interface MenuCommand extends Command
        permits MakeMenu, NameMenu, PlaceInMenu, RemoveFromMenu, RemoveMenu, SetLines {
    static MenuCommand makeMenu(String id, String name) {
        return new MakeMenu(id, name);
    }

    static MenuCommand nameMenu(String menu, String name) {
        return new NameMenu(menu, name);
    }

    static MenuCommand removeMenu(String menu) {
        return new RemoveMenu(menu);
    }

    static MenuCommand placeInMenu(String menu, String page, String id) {
        return new PlaceInMenu(menu, page, id);
    }

    static MenuCommand setLines(String menu, List<Line> lines) {
        return new SetLines(menu, lines);
    }

    static MenuCommand removeFromMenu(String menu, String page) {
        return new RemoveFromMenu(menu, page);
    }
}
