package venue.server.filling;

import java.time.InstantSource;
import java.time.LocalDate;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.body.trace.DayCounts;
import venue.core.body.trace.Reads;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.store.rating.PageRatings;
import venue.store.visit.Visits;

/**
 * How the pages of a site were read over the last whole days, and how they are rated: worked out once a day, when the site is first asked
 * for after its midnight, or after the server was started.
 */
@Component
public class AtMidnight {

    /** @param counted whether it was counted how often pages are read */
    private record Known(LocalDate day, boolean counted, DayCounts counts) {}

    private final Visits visits;
    private final PageRatings ratings;
    private final InstantSource clock;
    private final Map<SiteId, Known> known = new ConcurrentHashMap<>();

    AtMidnight(Visits visits, PageRatings ratings, InstantSource clock) {
        this.visits = visits;
        this.ratings = ratings;
        this.clock = clock;
    }

    /** Of a site as it is live; where it isn't counted how often pages are read, none is. */
    public DayCounts of(SiteId id, Site site) {
        LocalDate today = today(site);
        boolean counted = SiteFacts.countsReads(site);
        Known now = known.get(id);
        if (now == null || !now.day().equals(today) || now.counted() != counted) {
            now = new Known(today, counted, new DayCounts(reads(id, today, counted), ratings.all(id)));
            known.put(id, now);
        }
        return now.counts();
    }

    private Reads reads(SiteId id, LocalDate today, boolean counted) {
        if (!counted) {
            return Reads.NOTHING;
        }
        visits.write();
        return new Reads(visits.people(id, today.minusDays(Reads.DAYS), today));
    }

    /** The day that it is in a site's zone. */
    public LocalDate today(Site site) {
        return LocalDate.ofInstant(clock.instant(), site.zone());
    }
}
