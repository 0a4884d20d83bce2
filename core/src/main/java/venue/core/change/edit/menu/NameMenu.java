package venue.core.change.edit.menu;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.menu.Menu;

/** Gives a menu another name; visitors who hear the page read to them hear it. */
@JsonTypeName("name-menu")
record NameMenu(String menu, String name) implements MenuCommand {

    @Override
    public Change on(Desk desk) {
        Menu named = desk.edition().require(Menu.class, menu);
        Menu called = named.called(MenuNames.check(desk, menu, name));
        return Change.of("call the menu " + named.name() + " " + called.name(), called);
    }
}
