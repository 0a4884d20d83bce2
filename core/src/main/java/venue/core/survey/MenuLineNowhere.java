package venue.core.survey;

import java.util.stream.Stream;
import venue.core.edit.menu.MenuCommand;
import venue.core.item.Item;
import venue.core.link.Link;
import venue.core.menu.Menu;

/** Menu lines whose page visitors can't see. */
final class MenuLineNowhere extends DeclaredRule {

    MenuLineNowhere() {
        super(
                "menu-line-nowhere",
                "Menu line to a draft",
                Severity.MUST_FIX,
                "The line is left out for visitors until the page is released.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return Stream.of(item)
                .filter(Menu.class::isInstance)
                .map(Menu.class::cast)
                .flatMap(menu -> menu.all()
                        .map(venue.core.menu.Line::link)
                        .map(Link::pageId)
                        .flatMap(java.util.Optional::stream)
                        .filter(id -> scope.isDraft().test(id) || isNotShown(scope, id))
                        .map(id -> finding(scope, menu, id)));
    }

    private static boolean isNotShown(Scope scope, String id) {
        return scope.edition().page(id).filter(p -> scope.shows(p.id())).isEmpty();
    }

    private Finding finding(Scope scope, Menu menu, String id) {
        String title = scope.edition().find(id).map(Item::name).orElse("a page that is not released");
        String state =
                scope.edition().page(id).filter(p -> !scope.shows(p.id())).isPresent()
                        ? "is taken off the site"
                        : "is a draft";
        return Finding.of(
                this,
                scope.edition().find(id).isPresent() ? id : menu.id(),
                "The menu " + menu.name() + " has a line to “" + title + "”, which " + state + ".",
                new Finding.Mend("Take the line out", MenuCommand.removeFromMenu(menu.id(), id)));
    }
}
