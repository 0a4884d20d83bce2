package venue.server.plan;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import venue.store.workspace.Workspaces;

/**
 * The plan's rows of each site, carried on from step to step by what the step may matter to; what differed in the latest steps is
 * remembered, so that windows need only that.
 */
@Component
public class PlanRows {

    private final Workspaces workspaces;
    private final Map<String, Rows> bySite = new ConcurrentHashMap<>();

    PlanRows(Workspaces workspaces) {
        this.workspaces = workspaces;
        workspaces.onStep((site, done) ->
                workspaces.find(site).ifPresent(w -> bySite.computeIfPresent(site, (id, rows) -> rows.after(w.now()))));
    }

    /** What differs since a step that a window knows. */
    public PlanPart since(String site, long step) {
        return bySite.computeIfAbsent(site, id -> Rows.of(workspaces.require(id).now()))
                .since(step);
    }
}
