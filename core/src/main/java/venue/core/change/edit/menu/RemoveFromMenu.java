package venue.core.change.edit.menu;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;

/** Takes a page's line out of a menu; lines beneath it go with it. */
@JsonTypeName("remove-from-menu")
record RemoveFromMenu(String menu, String page) implements MenuCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Menu target = desk.edition().require(Menu.class, menu);
        Line line = target.lineTo(page)
                .orElseThrow(() -> Refusal.badInput(
                        "not-in-menu",
                        "page",
                        "This page has no line in " + target.name() + ".",
                        "Nothing needs doing."));
        String name = desk.edition().find(page).map(Item::name).orElse("the line");
        return Change.of("take " + name + " out of " + target.name(), target.remove(line.id()));
    }
}
