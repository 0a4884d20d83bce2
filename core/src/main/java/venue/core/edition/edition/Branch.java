package venue.core.edition.edition;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;

/** The pages that stand beneath a line of a menu by themselves, because it follows its page's branch of the plan. */
public final class Branch {

    /** How many lines a followed branch shows on each level; a listing shows more of them better. */
    public static final int MOST = 60;

    private Branch() {}

    /** The lines that a line has beneath it by following, in the plan's order, each with those beneath it. */
    public static List<Line> of(Edition edition, Line line) {
        return line.pageId()
                .filter(id -> edition.page(id).isPresent())
                .map(id -> beneath(edition, id, line.follows()))
                .orElse(List.of());
    }

    /** All lines beneath one: those that follow, then its own. */
    public static List<Line> beneath(Edition edition, Line line) {
        return Stream.concat(of(edition, line).stream(), line.beneath().stream())
                .toList();
    }

    private static List<Line> beneath(Edition edition, String page, int levels) {
        if (levels == 0) {
            return List.of();
        }
        return edition.plan().beneath(page).stream()
                .limit(MOST)
                .map(id -> Line.toPage(id, id).withBeneath(beneath(edition, id, levels - 1)))
                .toList();
    }

    /** The line because of which a page stands in a menu by itself; empty where none does. */
    public static Optional<Line> over(Edition edition, Menu menu, String page) {
        List<String> above = edition.plan().ancestors(page);
        return menu.all()
                .filter(l -> l.follows() > 0)
                .filter(l -> l.pageId()
                        .map(above::indexOf)
                        .filter(up -> up >= 0 && up < l.follows() && isAmongFirst(edition, page, above, up))
                        .isPresent())
                .findFirst();
    }

    private static boolean isAmongFirst(Edition edition, String page, List<String> above, int up) {
        String one = page;
        for (String parent : above.subList(0, up + 1)) {
            String sought = one;
            if (edition.plan().beneath(parent).stream().limit(MOST).noneMatch(sought::equals)) {
                return false;
            }
            one = parent;
        }
        return true;
    }

    /** Ids of the menus in which a page stands by itself. */
    public static List<String> menus(Edition edition, String page) {
        return edition.menus().stream()
                .filter(m -> over(edition, m, page).isPresent())
                .map(Menu::id)
                .toList();
    }
}
