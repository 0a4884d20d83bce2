package venue.core.check.survey;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.edition.edition.PageFacts;

/** Placeholders that nobody has replaced. */
final class ToFillLeft extends DeclaredRule {

    ToFillLeft() {
        super("to-fill", "Left to fill", Severity.SHOULD_FIX, "Visitors find nothing there.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream()
                .filter(s -> !scope.edition().facts(s.item()).places().isEmpty())
                .map(s -> finding(s, scope.edition().facts(s.item()).places()));
    }

    private Finding finding(Stand stand, List<PageFacts.ToFill> places) {
        PageFacts.ToFill first = places.get(0);
        return Finding.of(
                        this,
                        stand.page(),
                        Words.count(places.size(), "place") + " still to fill, first in “" + first.sectionName() + "”.")
                .at(stand.section(first.section()));
    }
}
