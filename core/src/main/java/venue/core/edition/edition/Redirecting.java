package venue.core.edition.edition;

import java.util.Optional;
import venue.core.model.redirect.Redirect;

/** What an address leads on by. */
public final class Redirecting {

    private Redirecting() {}

    /** Its own redirect, unless the page that this is about is gone; else that of the nearest branch. */
    public static Optional<Redirect> over(Edition edition, String path) {
        Optional<Redirect> own = edition.redirectFrom(path);
        return own.filter(
                        r -> r.pageId().map(id -> edition.page(id).isPresent()).orElse(true))
                .or(() -> Redirect.branchesOver(path)
                        .flatMap(from -> edition.redirectFrom(from).stream())
                        .findFirst())
                .or(() -> own);
    }
}
