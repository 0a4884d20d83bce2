package venue.server.live;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.InstantSource;
import java.util.function.BiConsumer;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.server.app.Origins;
import venue.server.filling.FormFacts;
import venue.store.answer.Answers;
import venue.store.rating.PageRatings;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** The live release of each site, made anew when a release has taken its place. */
@Component
class LiveSites {

    private final Origins origins;
    private final InstantSource clock;
    private final SearchIndexes indexes;
    private final FormFacts facts;
    private final HeldReplies held;
    /** They go when the site is let go. */
    private final Cache<Workspace, LiveSite> bySite =
            Caffeine.newBuilder().weakKeys().build();

    LiveSites(
            Origins origins,
            InstantSource clock,
            SearchIndexes indexes,
            FormFacts facts,
            HeldReplies held,
            Workspaces workspaces,
            Answers answers,
            PageRatings ratings) {
        BiConsumer<SiteId, String> forget =
                (site, page) -> workspaces.find(site).ifPresent(w -> of(w).forget(page));
        answers.comments().onChange(forget);
        ratings.onChange(forget);
        this.facts = facts;
        this.held = held;
        this.indexes = indexes;
        this.origins = origins;
        this.clock = clock;
    }

    LiveSite of(Workspace workspace) {
        Standing now = workspace.now();
        String origin = origins.of(now.working().site());
        LiveSite known = bySite.getIfPresent(workspace);
        if (known != null && known.release() == now.release() && known.origin().equals(origin)) {
            return known;
        }
        LiveSite made = new LiveSite(
                workspace.site(),
                now,
                origin,
                clock,
                v -> indexes.of(workspace, now, v),
                () -> facts.of(workspace.site()),
                held);
        bySite.put(workspace, made);
        return made;
    }
}
