package venue.core.check.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.page.Page;

/** Pages in a menu that search engines are kept from. */
final class InMenuKeptOut extends DeclaredRule {

    InMenuKeptOut() {
        super(
                "in-menu-kept-out",
                "In a menu, and kept out of search",
                Severity.SHOULD_FIX,
                "Who is led there by the menu can’t find it by searching.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(Page::isKeptOut)
                .filter(p -> !scope.edition().inbound().menusTo(p.id()).isEmpty())
                .map(p -> finding(scope, p));
    }

    private Finding finding(Scope scope, Page page) {
        List<Finding.Mend> mends = new ArrayList<>();
        mends.add(new Finding.Mend(
                "Let search engines have it", ValueCommand.setValue(page.id(), null, null, "keepOut", null)));
        List<String> menus = scope.edition().inbound().menusTo(page.id());
        if (menus.size() == 1) {
            mends.add(new Finding.Mend("Take the line out", MenuCommand.removeFromMenu(menus.get(0), page.id())));
        }
        return Finding.of(
                this,
                page.id(),
                "Stands in a menu, and is kept out of search engines.",
                mends.toArray(Finding.Mend[]::new));
    }
}
