package venue.core.sort;

import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.model.redirect.Redirect;

/** Redirects, known by the address that they lead from. */
final class RedirectSort extends Sort<Redirect> {

    RedirectSort() {
        super(Redirect.class);
    }

    @Override
    Optional<Item> anew(Redirect redirect, String id, Walk walk) {
        return walk.link(redirect.to()).map(to -> Redirect.of(redirect.from(), to));
    }

    @Override
    Optional<Item> called(Redirect redirect, String name) {
        return Optional.empty();
    }
}
