package venue.core.sort;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.GroupUse;
import venue.core.model.gate.GateSettings;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.property.PropertyCheck;

/** Menus, of which there is one in each place of every page. */
final class MenuSort extends Sort<Menu> {

    MenuSort() {
        super(Menu.class);
    }

    @Override
    Optional<Item> anew(Menu menu, String id, Walk walk) {
        return Optional.of(new Menu(id, menu.name(), lines(menu.lines(), walk)));
    }

    @Override
    Stream<String> groups(Menu menu) {
        return GroupUse.lines(menu);
    }

    @Override
    Optional<Item> called(Menu menu, String name) {
        return Optional.empty();
    }

    @Override
    ReachedPages reach(Menu menu, Edition edition) {
        return ReachedPages.all(edition);
    }

    @Override
    Item checked(Menu menu, WholeCheck check) {
        menu.all().forEach(l -> {
            WholeCheck.words(menu, l.label(), longestName());
            PropertyCheck.all(GateSettings.ofSections(), l.settings(), "lines");
        });
        return menu;
    }

    @Override
    boolean isForEditors() {
        return true;
    }

    @Override
    List<String> tells(@Nullable Menu live, Menu working, Between between) {
        return new MenuTelling(between).says(live == null ? working.withLines(List.of()) : live, working);
    }

    /** There is one menu of a name in a site. */
    @Override
    Optional<String> likeness(Menu menu) {
        return Optional.of(menu.name().toLowerCase(Locale.ROOT));
    }

    private static List<Line> lines(List<Line> lines, Walk walk) {
        return lines.stream().flatMap(l -> line(l, walk).stream()).toList();
    }

    private static Optional<Line> line(Line line, Walk walk) {
        Optional<Link> to = line.link() == null ? Optional.empty() : walk.link(line.link());
        return line.link() != null && to.isEmpty()
                ? Optional.empty()
                : Optional.of(new Line(
                        line.id(),
                        to.orElse(null),
                        line.label(),
                        line.follows(),
                        walk.needed(GateSettings.ofSections(), line.settings()),
                        lines(line.beneath(), walk)));
    }
}
