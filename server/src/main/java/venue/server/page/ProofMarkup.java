package venue.server.page;

import java.time.InstantSource;
import org.springframework.stereotype.Component;
import venue.core.edition.Edition;
import venue.core.page.Page;
import venue.core.render.PageRenderer;
import venue.core.render.View;
import venue.server.app.Origins;

/** A page's HTML as its proof shows it now. */
@Component
public class ProofMarkup {
    private final Origins origins;
    private final InstantSource clock;

    ProofMarkup(Origins origins, InstantSource clock) {
        this.origins = origins;
        this.clock = clock;
    }

    /** With marks. */
    public String of(Edition working, Page page) {
        return of(working, page, View.Mode.MARKED);
    }

    String of(Edition working, Page page, View.Mode mode) {
        View view = View.of(working, clock.instant(), origins.of(working.site()), mode);
        return PageRenderer.render(view, page).html();
    }
}
