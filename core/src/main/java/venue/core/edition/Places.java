package venue.core.edition;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.item.Item;
import venue.core.kind.Kind;
import venue.core.page.Page;

/** Where pages may live: what a kind may stand beneath, and what may stand beneath a page. Both must hold. */
public final class Places {

    private Places() {}

    /** Why a page of {@code kind} may not stand beneath {@code parent} (absent: at the top); empty when it may. */
    public static Optional<String> whyNot(Edition edition, Kind kind, @Nullable String parent) {
        Optional<Page> above = edition.page(parent);
        boolean fits = switch (kind.beneath().where()) {
            case ANYWHERE -> true;
            case BENEATH_PAGES -> parent != null && kind.beneath().ids().contains(parent);
            case BENEATH_KINDS ->
                above.isPresent() && kind.beneath().ids().contains(above.get().kind());
        };
        if (!fits) {
            return Optional.of("beneath " + names(edition, kind.beneath().ids()) + " only");
        }
        List<String> held = above.flatMap(edition::kindOf).map(Kind::mayHold).orElse(null);
        if (held != null && !held.contains(kind.id())) {
            return Optional.of(
                    held.isEmpty() ? "nothing stands beneath this page" : "holds " + names(edition, held) + " only");
        }
        return Optional.empty();
    }

    private static String names(Edition edition, List<String> ids) {
        return ids.stream()
                .map(id -> edition.find(id).map(Item::name).orElse(id))
                .collect(Collectors.joining(" or "));
    }
}
