package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.body.element.LeftOut;
import venue.core.model.section.Section;

/** Sections whose heading is written while everything beneath it still waits. */
final class HeadingOverNothing extends DeclaredRule {

    HeadingOverNothing() {
        super(
                "heading-over-nothing",
                "Heading over nothing",
                Severity.SHOULD_FIX,
                "Visitors read the heading and find nothing beneath it.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream()
                .flatMap(s -> s.item()
                        .body()
                        .all()
                        .filter(LeftOut::isHeadingOverNothing)
                        .map(section -> finding(s, section)));
    }

    private Finding finding(Stand stand, Section section) {
        String says = "“" + section.name() + "” has a heading, and nothing beneath it is filled in yet.";
        return Finding.of(this, stand.page(), says).at(stand.section(section.id()));
    }
}
