package venue.core.edit;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.fault.Refusal;
import venue.core.link.Link;
import venue.core.menu.Line;
import venue.core.menu.Menu;
import venue.core.page.Page;

/** Gives a page a line in a menu: beneath the line of the page above it where there is one, else at the end. */
public record PlaceInMenu(String menu, String page, String id) implements Command {

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
        return Change.of(
                "place " + placed.title() + " in " + target.name(), beneathParent(target, placed.parent(), page, id));
    }

    static Menu beneathParent(Menu menu, @Nullable String parent, String page, String lineId) {
        Line line = new Line(lineId, Link.toPage(page), null, java.util.List.of());
        Optional<Line> above = parent == null ? Optional.empty() : menu.lineTo(parent);
        Optional<Line> first = above.filter(l -> menu.lines().contains(l));
        return menu.insert(first.map(Line::id).orElse(null), Integer.MAX_VALUE, line);
    }
}
