package venue.core.change.edit.menu;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.menu.Menu;

/** Makes a menu without lines, which is shown nowhere yet. */
@JsonTypeName("make-menu")
record MakeMenu(String id, String name) implements MenuCommand {

    @Override
    public Change on(Desk desk) {
        if (desk.edition().find(id).isPresent()) {
            throw Refusal.conflict("id-taken", "id", "“" + id + "” is there already.", "Take another id.");
        }
        Menu menu = new Menu(Ids.check(id, "id"), MenuNames.check(desk, id, name), List.of());
        return Change.of("make the menu " + menu.name(), menu);
    }
}
