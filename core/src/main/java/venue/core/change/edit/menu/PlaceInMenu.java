package venue.core.change.edit.menu;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Optional;
import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.edition.Branch;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/** Gives a page a line in a menu: beneath the line of the page above it where there is one, else at the end. */
@JsonTypeName("place-in-menu")
record PlaceInMenu(String menu, String page, String id) implements MenuCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Menu target = desk.edition().require(Menu.class, menu);
        Page placed = desk.edition().require(Page.class, page);
        if (target.lineTo(page).isPresent()) {
            throw Refusal.conflict(
                    "in-menu",
                    "page",
                    "“" + placed.title() + "” stands in the menu " + target.name() + " already.",
                    "Nothing needs doing.");
        }
        Optional<Line> over = Branch.over(desk.edition(), target, page);
        if (over.isPresent()) {
            throw Refusal.conflict(
                    "in-menu",
                    "page",
                    "“" + placed.title() + "” stands in the menu " + target.name() + " by itself, because the line “"
                            + over.get().words(desk.edition()::page) + "” follows its branch.",
                    "Nothing needs doing.");
        }
        return Change.of(
                "place " + placed.title() + " in " + target.name(), target.withPage(page, placed.parent(), id));
    }
}
