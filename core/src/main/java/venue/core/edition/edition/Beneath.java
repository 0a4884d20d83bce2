package venue.core.edition.edition;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.model.kind.BeneathRule;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;

/**
 * What may stand beneath a page, and who says so: the page itself, else its template, else its kind.
 *
 * @param kinds the kinds that may; empty for nothing
 * @param by the item that says so
 */
public record Beneath(List<String> kinds, Item by) {

    /** Absent where nobody says anything, and so anything may. */
    public static Optional<Beneath> of(Edition edition, Page page) {
        return said(page.settings(), page).or(() -> inherited(edition, page));
    }

    /** What the site says of the top of the plan. */
    static Optional<Beneath> atTop(Edition edition) {
        return said(edition.site().facts(), edition.site());
    }

    /** What holds unless the page says it itself. */
    private static Optional<Beneath> inherited(Edition edition, Page page) {
        Stream<Optional<Beneath>> above = Stream.of(
                Optional.of(edition.worn(page).template()).flatMap(t -> said(t.frame(), t)),
                edition.kindOf(page).flatMap((Kind k) -> said(k.settings(), k)));
        return above.flatMap(Optional::stream).findFirst();
    }

    private static Optional<Beneath> said(Map<String, Value> settings, Item by) {
        return BeneathRule.in(settings).map(kinds -> new Beneath(kinds, by));
    }
}
