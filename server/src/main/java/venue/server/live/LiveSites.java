package venue.server.live;

import java.time.InstantSource;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import venue.server.app.Origins;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** The live release of each site, made anew when a release has taken its place. */
@Component
class LiveSites {

    private final Origins origins;
    private final InstantSource clock;
    private final Map<String, LiveSite> bySite = new ConcurrentHashMap<>();

    LiveSites(Origins origins, InstantSource clock) {
        this.origins = origins;
        this.clock = clock;
    }

    LiveSite of(Workspace workspace) {
        Standing now = workspace.now();
        LiveSite known = bySite.get(workspace.site());
        if (known != null && known.release() == now.release()) {
            return known;
        }
        LiveSite made = new LiveSite(now, origins.of(now.working().site()), clock);
        bySite.put(workspace.site(), made);
        return made;
    }
}
