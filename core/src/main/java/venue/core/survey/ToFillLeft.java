package venue.core.survey;

import java.util.List;
import java.util.stream.Stream;
import venue.core.edition.PageFacts;
import venue.core.page.Page;
import venue.core.text.Words;

/** Placeholders that nobody has replaced. */
final class ToFillLeft extends DeclaredRule {

    ToFillLeft() {
        super("to-fill", "Left to fill", Severity.SHOULD_FIX, "Visitors find nothing there.");
    }

    @Override
    public Stream<Finding> find(Scope scope) {
        return scope.pages()
                .filter(p -> !scope.edition().facts(p).places().isEmpty())
                .map(p -> finding(p, scope.edition().facts(p).places()));
    }

    private Finding finding(Page page, List<PageFacts.ToFill> places) {
        PageFacts.ToFill first = places.get(0);
        return Finding.of(
                        this,
                        page.id(),
                        Words.count(places.size(), "place") + " still to fill, first in “" + first.sectionName() + "”.")
                .at(first.section());
    }
}
