package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.model.page.Page;

/** Pages beneath which one page alone stands. */
final class BranchOfOne extends DeclaredRule {

    BranchOfOne() {
        super(
                "branch-of-one",
                "Branch of one page",
                Severity.NOTE,
                "A step that offers one way alone only makes the way longer.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(p -> scope.edition().plan().beneath(p.id()).size() == 1)
                .map(p -> Finding.of(this, p.id(), "One page alone stands beneath it."));
    }

    /** What it stands beneath, and did before. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return Stream.of(before, after).flatMap(at -> at.edition().page(changed).map(Page::parent).stream());
    }
}
