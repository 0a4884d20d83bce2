package venue.server.proof;

import java.time.InstantSource;
import org.springframework.stereotype.Component;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Visitor;
import venue.core.show.render.View;
import venue.server.app.Origins;
import venue.server.filling.FormFacts;
import venue.store.workspace.Standing;

/** How the working copy is looked at: everywhere with the same knowledge, so that no drawing of it differs from its proof. */
@Component
public class WorkingView {
    private final Origins origins;
    private final InstantSource clock;
    private final FormFacts facts;

    WorkingView(Origins origins, InstantSource clock, FormFacts facts) {
        this.facts = facts;
        this.origins = origins;
        this.clock = clock;
    }

    public View of(Standing standing, View.Mode mode) {
        return of(standing, standing.working(), mode);
    }

    /** As it would be, or was; or the live release beside it. */
    public View of(Standing standing, Edition edition, View.Mode mode) {
        return View.of(edition, clock.instant(), origins.of(edition.site()), mode)
                .seenBy(Visitor.US)
                .telling(facts.seenBy(standing.site()))
                .knowing(edition == standing.live() ? standing.changed() : standing.changedWorking());
    }
}
