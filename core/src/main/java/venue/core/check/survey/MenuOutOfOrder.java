package venue.core.check.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/** Menus that tell pages of one branch in another order than the plan. */
final class MenuOutOfOrder extends DeclaredRule {

    MenuOutOfOrder() {
        super(
                "menu-out-of-order",
                "Menu in another order than the plan",
                Severity.NOTE,
                "Who learnt the way in one place looks for it in vain in the other, unless that is meant.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.edition().find(Menu.class, item.id()).stream().flatMap(menu -> {
            List<Line> ordered = ordered(scope.edition(), menu.lines());
            return ordered.equals(menu.lines())
                    ? Stream.empty()
                    : Stream.of(Finding.of(
                            this,
                            menu.id(),
                            "The menu " + menu.name() + " tells “"
                                    + first(
                                            scope,
                                            menu.all().toList(),
                                            menu.withLines(ordered).all().toList())
                                    + "” in another place than the plan.",
                            new Finding.Mend("Order it as the plan", MenuCommand.setLines(menu.id(), ordered))));
        });
    }

    /** The first page that stands elsewhere. */
    private static String first(Scope scope, List<Line> are, List<Line> ordered) {
        for (int i = 0; i < are.size(); i++) {
            if (!are.get(i).id().equals(ordered.get(i).id())) {
                return are.get(i).words(scope.edition()::page);
            }
        }
        return "";
    }

    /** The lines, with those to pages of one branch in their places in the order of the plan. */
    private static List<Line> ordered(Edition edition, List<Line> lines) {
        Map<Optional<String>, List<Line>> branches = new HashMap<>();
        lines.forEach(l -> page(edition, l)
                .ifPresent(p -> branches.computeIfAbsent(Optional.ofNullable(p.parent()), k -> new ArrayList<>())
                        .add(l)));
        branches.forEach((parent, all) -> {
            Map<String, Integer> places = new HashMap<>();
            List<String> beneath = edition.plan().beneath(parent.orElse(null));
            for (int i = 0; i < beneath.size(); i++) {
                places.put(beneath.get(i), i);
            }
            all.sort(Comparator.comparingInt(
                    (Line l) -> places.getOrDefault(l.pageId().orElse(""), 0)));
        });
        return lines.stream()
                .map(l -> page(edition, l)
                        .map(p -> branches.getOrDefault(Optional.ofNullable(p.parent()), new ArrayList<>())
                                .remove(0))
                        .orElse(l))
                .map(l -> l.withBeneath(ordered(edition, l.beneath())))
                .toList();
    }

    private static Optional<Page> page(Edition edition, Line line) {
        return line.pageId().flatMap(edition::page);
    }
}
