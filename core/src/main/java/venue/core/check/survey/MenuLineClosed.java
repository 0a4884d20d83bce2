package venue.core.check.survey;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.gate.GateCommand;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Gate;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;

/** Menu lines to pages that strangers may not open: they don't get the line. */
final class MenuLineClosed extends DeclaredRule {

    MenuLineClosed() {
        super(
                "menu-line-gate",
                "Menu line to a closed page",
                Severity.NOTE,
                "Who may not open the page doesn’t get the line: the menu is another for members.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        Gates gates = Gates.of(scope.edition());
        return item.leadsTo()
                .filter(scope::shows)
                .flatMap(id -> scope.edition().page(id).stream())
                .filter(p -> !gates.of(p).gate().lets(Visitor.STRANGER))
                .distinct()
                .map(p -> finding(item, p));
    }

    private Finding finding(Item menu, Page page) {
        return Finding.of(
                this,
                page.id(),
                "The menu " + menu.name() + " has a line to it: strangers don’t get that.",
                new Finding.Mend("Take the line out", MenuCommand.removeFromMenu(menu.id(), page.id())),
                new Finding.Mend("Open the page", GateCommand.setGate(List.of(page.id()), Gate.OPEN)));
    }
}
