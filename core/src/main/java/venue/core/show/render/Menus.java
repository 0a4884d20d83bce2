package venue.core.show.render;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.link.Way;
import venue.core.body.scene.ShownMenu;
import venue.core.edition.edition.Branch;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/** The site's menus as whoever looks at a page gets them, with that page and those above it marked in them. */
final class Menus {

    private final View view;
    private final Page page;
    private final List<String> above;

    Menus(View view, Page page) {
        this.view = view;
        this.page = page;
        above = view.edition().plan().ancestors(page.id());
    }

    Optional<ShownMenu> of(String id) {
        return view.edition()
                .find(Menu.class, id)
                .map(m -> new ShownMenu(m.name(), lines(m.lines())))
                .filter(m -> !m.lines().isEmpty());
    }

    private List<ShownMenu.Line> lines(List<Line> lines) {
        return lines.stream().flatMap(l -> line(l).stream()).toList();
    }

    /** A line is there when it leads somewhere that may be seen; a heading when a line beneath it does. */
    private Optional<ShownMenu.Line> line(Line line) {
        Optional<String> href = Optional.ofNullable(line.link())
                .filter(l -> opens(line))
                .flatMap(new Leading(view, page)::way)
                .map(Way::href);
        if (href.isEmpty() && line.link() != null || !line.shownTo().holds(view.visitor())) {
            return Optional.empty();
        }
        List<ShownMenu.Line> beneath = lines(Branch.beneath(view.edition(), line));
        return href.isEmpty() && beneath.isEmpty()
                ? Optional.empty()
                : Optional.of(new ShownMenu.Line(
                        line.words(view.edition()::page), href.orElse(null), current(line), beneath));
    }

    /** A line has the gate of the page that it leads to. */
    private boolean opens(Line line) {
        return line.pageId()
                .flatMap(view.edition()::page)
                .filter(p -> !view.shows(p))
                .isEmpty();
    }

    private @Nullable String current(Line line) {
        String to = line.pageId().orElse("");
        return to.equals(page.id()) ? "page" : above.contains(to) ? "true" : null;
    }
}
