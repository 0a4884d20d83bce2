package venue.server.filling;

import java.time.InstantSource;
import java.time.LocalDate;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Reads;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.store.visit.Visits;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** How often the pages of a site were read over the last whole days: worked out once a day, at the site's midnight. */
@Component
public class MostRead {

    private record Known(LocalDate day, Reads reads) {}

    private final Visits visits;
    private final Workspaces workspaces;
    private final InstantSource clock;
    private final Map<SiteId, Known> known = new ConcurrentHashMap<>();

    MostRead(Visits visits, Workspaces workspaces, InstantSource clock) {
        this.visits = visits;
        this.workspaces = workspaces;
        this.clock = clock;
    }

    /** Nothing where it isn't counted. */
    public Reads of(SiteId id) {
        return workspaces
                .find(id)
                .map(Workspace::now)
                .map(now -> now.live().site())
                .filter(SiteFacts::countsReads)
                .map(site -> of(id, today(site)))
                .orElse(Reads.NOTHING);
    }

    /** The day that it is in a site's zone. */
    public LocalDate today(Site site) {
        return LocalDate.ofInstant(clock.instant(), site.zone());
    }

    private Reads of(SiteId id, LocalDate today) {
        Known now = known.get(id);
        if (now == null || !now.day().equals(today)) {
            visits.write();
            now = new Known(today, new Reads(visits.people(id, today.minusDays(Reads.DAYS), today)));
            known.put(id, now);
        }
        return now.reads();
    }
}
