package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;

/** Pages that stand too deep in the plan to be found by going on. */
final class TooDeep extends DeclaredRule {

    /** Steps from the home page. */
    private static final int DEEPEST = 4;

    TooDeep() {
        super(
                "too-deep",
                "More than four steps from home",
                Severity.NOTE,
                "Few visitors go on that long, and search engines hold it for less important.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item).flatMap(p -> {
            int steps = scope.edition().plan().ancestors(p.id()).size() + 1;
            return steps > DEEPEST
                    ? Stream.of(Finding.of(this, p.id(), "It stands " + steps + " steps from the home page."))
                    : Stream.empty();
        });
    }
}
