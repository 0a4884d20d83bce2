package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;

/** Menu lines that wait for a draft: they show when it is released. */
final class MenuLineWaits extends DeclaredRule {

    MenuLineWaits() {
        super(
                "menu-line-waits",
                "Menu line that waits",
                Severity.NOTE,
                "The line is left out for visitors until the page is released.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return item.leadsTo()
                .filter(scope.isDraft())
                .map(id -> MenuLines.finding(this, scope, item, id, ", which is a draft."));
    }
}
