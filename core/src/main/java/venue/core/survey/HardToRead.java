package venue.core.survey;

import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.edit.Command;
import venue.core.edit.value.ValueCommand;
import venue.core.item.Item;
import venue.core.legibility.Legibility;
import venue.core.section.Section;
import venue.core.theme.Look;

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
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream()
                .flatMap(stand -> stand.item()
                        .body()
                        .all()
                        .filter(s -> s.settings().containsKey("back"))
                        .flatMap(s -> Legibility.of(scope.edition(), s).stream().map(l -> finding(stand, s, l))));
    }

    @Override
    public boolean isReadEverywhere(@Nullable Item before, @Nullable Item after) {
        return super.isReadEverywhere(before, after) || before instanceof Look || after instanceof Look;
    }

    private Finding finding(Stand stand, Section section, Legibility found) {
        Command mend = ValueCommand.setValue(
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
