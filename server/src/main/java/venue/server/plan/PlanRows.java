package venue.server.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/**
 * The plan's rows of each site, carried on from step to step by what the step may matter to; what differed in the latest steps is
 * remembered, so that windows need only that.
 */
@Component
public class PlanRows {

    /** They go when the site is let go. */
    private final Cache<Workspace, Rows> bySite =
            Caffeine.newBuilder().weakKeys().build();

    /** What differs in a standing since a step that a window knows. */
    public PlanPart since(Workspace site, Standing now, long step) {
        return bySite.asMap()
                .compute(site, (one, rows) -> rows == null ? Rows.of(now) : rows.after(now))
                .since(step);
    }
}
