package venue.core.sort;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.redirect.Redirect;

/** Redirects, known by the address that they lead from. */
final class RedirectSort extends Sort<Redirect> {

    RedirectSort() {
        super(Redirect.class);
    }

    @Override
    Optional<Item> anew(Redirect redirect, String id, Walk walk) {
        return redirect.to() == null
                ? Optional.of(redirect)
                : walk.link(redirect.to()).map(to -> Redirect.of(redirect.from(), to));
    }

    @Override
    Optional<Item> called(Redirect redirect, String name) {
        return Optional.empty();
    }

    @Override
    List<String> tells(@Nullable Redirect live, Redirect working, Between between) {
        if (working.to() == null) {
            return List.of(live == null ? "New; what stood there is gone" : "Says that what stood there is gone");
        }
        String to = working.pageId()
                .map(id -> Between.title(between.working(), id))
                .orElse(working.to().target());
        return List.of((live == null ? "New; leads to " : "Leads elsewhere: to ") + to);
    }

    /** The page that it leads to, where that is not live yet. */
    @Override
    Stream<String> needs(Redirect redirect, Between between) {
        return redirect.pageId().stream()
                .filter(id -> between.live().page(id).isEmpty())
                .filter(id -> between.working().page(id).isPresent());
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
