package venue.server.live;

import java.time.InstantSource;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.edition.edition.Edition;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.core.show.render.Wrapping;
import venue.server.app.Origins;
import venue.server.beginning.Beginnings;

/**
 * The pages of the beginnings, drawn for whoever is about to choose one: under the interface's own host name at {@code
 * /-/beginning/BEGINNING/PAGE}, with what they are made of beside them. They are part of the program and nobody's.
 */
@Component
class BeginningPages {

    private static final String PAGES = "/-/beginning/";
    private static final Wrapping DRAWING = new Wrapping("venue-drawing", "/-/proof.css", null, true, null);
    private static final String POLICY =
            "sandbox; default-src 'none'; img-src 'self' data:; style-src 'self' 'unsafe-inline';"
                    + " font-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'self'";

    private final Beginnings beginnings;
    private final SiteFiles files;
    private final Origins origins;
    private final InstantSource clock;

    BeginningPages(Beginnings beginnings, Origins origins, InstantSource clock, HeldReplies held) {
        this.beginnings = beginnings;
        this.origins = origins;
        this.clock = clock;
        files = new SiteFiles(beginnings.pictures(), held);
    }

    Optional<Reply> at(String method, String path) {
        if (!path.startsWith("/-/") || !method.equals("GET")) {
            return Optional.empty();
        }
        return path.startsWith(PAGES)
                ? page(path.substring(PAGES.length()).split("/"))
                : files.find("beginning", beginnings::allShown, path);
    }

    private Optional<Reply> page(String[] named) {
        if (named.length != 2 || !Beginnings.ids().contains(named[0])) {
            return Optional.empty();
        }
        Edition edition = beginnings.shown(named[0]);
        View view = View.of(edition, clock.instant(), origins.ofInterface().get(0), View.Mode.MARKED)
                .wrapped(DRAWING);
        return edition.page(named[1])
                .map(p -> PageRenderer.render(view, p))
                .map(r -> Reply.text(200, "text/html; charset=utf-8", r.html(), "no-store", POLICY));
    }
}
