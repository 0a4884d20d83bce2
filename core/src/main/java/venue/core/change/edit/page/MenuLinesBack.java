package venue.core.change.edit.page;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;

/** The lines of a menu that went with pages, put where they stood. */
final class MenuLinesBack {

    private MenuLinesBack() {}

    /**
     * @param was the menu before the pages were removed
     * @param pages ids of those that are there again
     */
    static Menu in(Menu now, Menu was, Set<String> pages) {
        Menu menu = now;
        for (Line line : was.all().toList()) {
            boolean leads = line.pageId().filter(pages::contains).isPresent();
            boolean there = menu.all().anyMatch(l -> l.id().equals(line.id()))
                    || line.pageId()
                            .filter(menu.all().flatMap(l -> l.pageId().stream()).toList()::contains)
                            .isPresent();
            if (leads && !there) {
                menu = put(menu, was, line);
            }
        }
        return menu;
    }

    private static Menu put(Menu menu, Menu was, Line line) {
        Optional<Line> above = was.above(line.id());
        Menu now = menu;
        Optional<Line> home =
                above.flatMap(a -> now.all().filter(l -> l.id().equals(a.id())).findFirst());
        List<Line> siblings = above.map(Line::beneath).orElse(was.lines());
        List<Line> level = above.isPresent() && home.isPresent() ? home.get().beneath() : menu.lines();
        Set<String> there = menu.all().map(Line::id).collect(Collectors.toSet());
        Line fresh = line.withBeneath(
                line.beneath().stream().filter(l -> !there.contains(l.id())).toList());
        return menu.insert(home.map(Line::id).orElse(null), index(level, siblings, line), fresh);
    }

    /** Behind the nearest line that stood before it and still does. */
    private static int index(List<Line> level, List<Line> siblings, Line line) {
        List<String> ids = level.stream().map(Line::id).toList();
        for (int i = siblings.indexOf(line) - 1; i >= 0; i--) {
            int at = ids.indexOf(siblings.get(i).id());
            if (at >= 0) {
                return at + 1;
            }
        }
        return 0;
    }
}
