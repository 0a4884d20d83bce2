package venue.core.check.survey;

import java.util.Locale;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.theme.ContrastPair;
import venue.core.model.theme.Look;
import venue.core.show.legibility.Legibility;

/** Pairs of colours in the kept looks, and words on what they put behind title bands and pages, that fall below WCAG AA. */
final class FailingContrast extends DeclaredRule {

    FailingContrast() {
        super(
                "contrast",
                "Colours too close",
                Severity.SHOULD_FIX,
                "People with weak sight, or in the sun, can't read the words (WCAG 2.2, 1.4.3).");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.edition().find(Look.class, item.id()).stream()
                .flatMap(look -> Stream.concat(
                        ContrastPair.of(look).stream().filter(p -> !p.passes()).map(p -> pair(look, p)),
                        Legibility.ofLook(scope.edition(), look).stream().map(l -> ground(look, l))));
    }

    /** What pictures show matters to the looks that put them behind words. */
    @Override
    public Stream<String> touches(Scope before, Scope after, String changed) {
        return after.edition().media(changed).isPresent()
                ? after.edition().all(Look.class).map(Look::id)
                : Stream.empty();
    }

    private Finding pair(Look look, ContrastPair p) {
        String says = String.format(
                Locale.ROOT, "%s in the look %s: %.1f : 1, asked %.1f.", p.label(), look.name(), p.ratio(), p.needed());
        return mended(look, says, "Take " + p.nearest(), p.setting(), Value.of(p.nearest()));
    }

    private Finding ground(Look look, Legibility found) {
        Legibility.Remedy remedy = found.mend();
        String where = remedy.key().startsWith("band") ? "title bands" : "pages";
        String says = "Behind " + where + " in the look " + look.name() + ": " + found.says();
        return mended(look, says, remedy.label(), remedy.key(), remedy.value());
    }

    private Finding mended(Look look, String says, String label, String setting, Value value) {
        return Finding.of(
                this,
                look.id(),
                says,
                new Finding.Mend(label, ValueCommand.setValue(look.id(), null, null, setting, value)));
    }
}
