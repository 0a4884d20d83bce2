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

    @Override
    Item checked(Redirect redirect, WholeCheck check) {
        if (!redirect.from().startsWith("/") || !redirect.id().equals(Redirect.idOf(redirect.from()))) {
            throw WholeCheck.wrong(redirect, "it leads from nowhere");
        }
        return redirect;
    }

    @Override
    Optional<Item> bare(Redirect redirect, Bare bare) {
        return Optional.empty();
    }

    @Override
    Optional<String> likeness(Redirect redirect) {
        return Optional.of(redirect.from());
    }

    /** An address at which a page is served leads nowhere else. */
    @Override
    Optional<Item> arriving(Redirect redirect, Arrival at) {
        return at.here().plan().pageAt(redirect.from()).isPresent() ? Optional.empty() : Optional.of(redirect);
    }
}
