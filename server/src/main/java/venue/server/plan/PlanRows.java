package venue.server.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/**
 * The plan's rows of each site, carried on from step to step by what the step may matter to; what differed in the latest steps is
 * remembered, so that windows need only that.
 */
@Component
public class PlanRows {

    private final Workspaces workspaces;
    /** They go when the site is let go. */
    private final Cache<Workspace, Rows> bySite =
            Caffeine.newBuilder().weakKeys().build();

    PlanRows(Workspaces workspaces) {
        this.workspaces = workspaces;
        workspaces.onStep((site, done) -> workspaces
                .find(site)
                .ifPresent(w -> bySite.asMap().computeIfPresent(w, (one, rows) -> rows.after(w.now()))));
    }

    /** What differs since a step that a window knows. */
    public PlanPart since(String site, long step) {
        return bySite.get(workspaces.require(site), w -> Rows.of(w.now())).since(step);
    }
}
