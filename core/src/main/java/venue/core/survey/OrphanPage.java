package venue.core.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import venue.core.edit.PlaceInMenu;
import venue.core.edition.Inbound;
import venue.core.menu.Menu;
import venue.core.page.Page;

/** Pages that no menu, link or listing leads to. */
final class OrphanPage extends DeclaredRule {

    OrphanPage() {
        super(
                "orphan",
                "Page nothing leads to",
                Severity.SHOULD_FIX,
                "Visitors only find it by its address or a search engine.");
    }

    @Override
    public Stream<Finding> find(Scope scope) {
        Inbound inbound = scope.edition().inbound();
        return scope.pages()
                .filter(p -> !scope.edition().isHome(p) && !p.isKeptOut())
                .filter(p -> inbound.pagesTo(p.id()).isEmpty()
                        && inbound.menusTo(p.id()).isEmpty()
                        && !inbound.isListed(p.kind()))
                .map(p -> new Finding(
                        key(),
                        severity(),
                        p.id(),
                        "No menu, link or listing leads to it.",
                        why(),
                        mends(scope, p),
                        null));
    }

    private static List<Finding.Mend> mends(Scope scope, Page page) {
        List<Finding.Mend> mends = new ArrayList<>();
        for (Menu menu : scope.edition().menus()) {
            mends.add(new Finding.Mend(
                    "Place in " + menu.name(), new PlaceInMenu(menu.id(), page.id(), "m" + page.id())));
        }
        return mends;
    }
}
