package venue.core.survey;

import java.util.Locale;
import java.util.stream.Stream;
import venue.core.edit.value.ValueCommand;
import venue.core.item.Item;
import venue.core.theme.ContrastPair;
import venue.core.theme.Look;
import venue.core.value.Value;

/** Pairs of colours in the kept looks that fall below WCAG AA. */
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
        return Stream.of(item)
                .filter(Look.class::isInstance)
                .map(Look.class::cast)
                .flatMap(t -> ContrastPair.of(t).stream()
                        .filter(p -> !p.passes())
                        .map(p -> Finding.of(
                                this,
                                t.id(),
                                String.format(
                                        Locale.ROOT,
                                        "%s in the look %s: %.1f : 1, asked %.1f.",
                                        p.label(),
                                        t.name(),
                                        p.ratio(),
                                        p.needed()),
                                new Finding.Mend(
                                        "Take " + p.nearest(),
                                        ValueCommand.setValue(
                                                t.id(), null, null, p.setting(), Value.of(p.nearest()))))));
    }
}
