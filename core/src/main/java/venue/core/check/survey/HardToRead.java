package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.change.edit.Command;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.section.Section;
import venue.core.model.theme.Look;
import venue.core.show.legibility.Legibility;

/** Words on a picture or colour that can't be read well. */
final class HardToRead extends DeclaredRule {

    /** Below this even large letters are too weak (WCAG 2.2, 1.4.3). */
    private static final double HARDLY = 3;

    private final boolean hardly;

    private HardToRead(String key, String name, Severity severity, String why, boolean hardly) {
        super(key, name, severity, why);
        this.hardly = hardly;
    }

    static HardToRead weak() {
        return new HardToRead(
                "hard-to-read",
                "Words hard to read",
                Severity.SHOULD_FIX,
                "People with weak sight, or in the sun, can't read the words (WCAG 2.2, 1.4.3).",
                false);
    }

    static HardToRead unreadable() {
        return new HardToRead(
                "unreadable",
                "Words that can't be read",
                Severity.MUST_FIX,
                "Hardly anybody sees the words on their ground: large letters need 3 : 1 (WCAG 2.2, 1.4.3).",
                true);
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream()
                .filter(stand -> scope.edition().facts(stand.item()).grounded())
                .flatMap(stand -> stand.item()
                        .body()
                        .all()
                        .flatMap(s -> Legibility.of(scope.edition(), s).stream()
                                .filter(l -> l.ratio() < HARDLY == hardly)
                                .map(l -> finding(stand, s, l))));
    }

    /** A look matters where words stand on something else than their tone. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return after.edition().find(changed).filter(Look.class::isInstance).isPresent()
                ? after.grounded().stream()
                : Stream.empty();
    }

    private Finding finding(Stand stand, Section section, Legibility found) {
        Legibility.Remedy remedy = found.mend();
        Command mend = remedy.column() == null
                ? ValueCommand.setValue(stand.item().id(), section.id(), null, remedy.key(), remedy.value())
                : ValueCommand.setColumnValue(
                        stand.item().id(), section.id(), remedy.column(), remedy.key(), remedy.value());
        return Finding.of(
                        this,
                        stand.page(),
                        "In “" + section.name() + "”: " + found.says(),
                        new Finding.Mend(remedy.label(), mend))
                .at(stand.section(section.id()));
    }
}
