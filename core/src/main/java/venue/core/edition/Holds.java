package venue.core.edition;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.item.Item;
import venue.core.kind.Held;
import venue.core.kind.Kind;
import venue.core.page.Page;
import venue.core.value.Value;

/**
 * What may stand beneath a page, and who says so: the page itself, else its template, else its kind.
 *
 * @param kinds the kinds that may; empty for nothing
 * @param by the item that says so
 */
public record Holds(List<String> kinds, Item by) {

    /** Absent where nobody says anything, and so anything may. */
    public static Optional<Holds> of(Edition edition, Page page) {
        return said(page.settings(), page).or(() -> inherited(edition, page));
    }

    /** What holds unless the page says it itself. */
    private static Optional<Holds> inherited(Edition edition, Page page) {
        Stream<Optional<Holds>> above = Stream.of(
                Optional.of(edition.worn(page).template()).flatMap(t -> said(t.frame(), t)),
                edition.kindOf(page).flatMap((Kind k) -> said(k.settings(), k)));
        return above.flatMap(Optional::stream).findFirst();
    }

    private static Optional<Holds> said(Map<String, Value> settings, Item by) {
        return Held.in(settings).map(kinds -> new Holds(kinds, by));
    }
}
