package venue.core.survey;

import java.util.stream.Stream;
import venue.core.edit.SetValue;
import venue.core.legibility.Legibility;
import venue.core.section.Section;

/** Words on a picture or colour that can't be read well. */
final class HardToRead extends DeclaredRule {

    HardToRead() {
        super(
                "hard-to-read",
                "Words hard to read",
                Severity.SHOULD_FIX,
                "People with weak sight, or in the sun, can't read the words (WCAG 2.2, 1.4.3).");
    }

    @Override
    public Stream<Finding> find(Scope scope) {
        return scope.stands()
                .flatMap(stand -> stand.item()
                        .body()
                        .all()
                        .filter(s -> s.settings().containsKey("back"))
                        .flatMap(s -> Legibility.of(scope.edition(), s).stream().map(l -> finding(stand, s, l))));
    }

    private Finding finding(Scope.Stand stand, Section section, Legibility found) {
        SetValue mend = new SetValue(
                stand.item().id(),
                section.id(),
                null,
                found.mend().key(),
                found.mend().value());
        return Finding.of(
                        this,
                        stand.page(),
                        "In “" + section.name() + "”: " + found.says(),
                        new Finding.Mend(found.mend().label(), mend))
                .at(stand.section(section.id()));
    }
}
