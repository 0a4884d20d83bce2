package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;

/** Menu lines whose page is gone, or taken off the site. */
final class MenuLineNowhere extends DeclaredRule {

    MenuLineNowhere() {
        super(
                "menu-line-nowhere",
                "Menu line to nowhere",
                Severity.MUST_FIX,
                "The line is left out for visitors; its page is not on the site.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return item.leadsTo()
                .filter(id -> !scope.isDraft().test(id) && isNotShown(scope, id))
                .map(id -> finding(scope, item, id));
    }

    private static boolean isNotShown(Scope scope, String id) {
        return scope.edition().page(id).filter(p -> scope.shows(p.id())).isEmpty();
    }

    private Finding finding(Scope scope, Item menu, String id) {
        boolean here = scope.edition().page(id).isPresent();
        String says = here ? ", which is taken off the site." : ", which is not released.";
        return MenuLines.finding(this, scope, menu, id, says);
    }
}
