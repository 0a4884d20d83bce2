package venue.core.check.survey;

import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.change.edit.menu.MenuCommand;

/** The pages that a menu's lines lead to, and what is said of one that visitors don't see. */
final class MenuLines {

    private MenuLines() {}

    /** @param why what is the matter with the page, after its name */
    static Finding finding(Rule rule, Scope scope, Item menu, String page, String why) {
        Optional<Item> there = scope.edition().find(page);
        return Finding.of(
                rule,
                there.isPresent() ? page : menu.id(),
                "The menu " + menu.name() + " has a line to "
                        + there.map(p -> "“" + p.name() + "”" + why).orElse("a page that visitors don’t have."),
                new Finding.Mend("Take the line out", MenuCommand.removeFromMenu(menu.id(), page)));
    }
}
