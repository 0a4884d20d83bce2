package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.model.gate.Visitor;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.server.filling.AtMidnight;
import venue.store.visit.Visits;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/**
 * Counts pages that are read: by address, while somebody waits; which page that is, is looked up by the minute, when it is written down. Of
 * who asks nothing is kept but whether it is a robot.
 */
@Component
public class ReadPages {

    private static final long MINUTE_MS = 60_000;
    /** A site has so many addresses at most, with what is beneath its pages. */
    private static final int MOST = 100_000;

    private record Asked(SiteId site, String path, boolean robot) {}

    /** How often, until it is taken: without a lock, and nothing that comes meanwhile is lost. */
    private static final class Times {

        private static final long TAKEN = -1;

        private final AtomicLong times = new AtomicLong();

        /** Whether it was counted here; where these were taken meanwhile it must be counted in others. */
        boolean add() {
            return times.getAndUpdate(n -> n == TAKEN ? n : n + 1) != TAKEN;
        }

        /** What was counted; none where somebody took it before. */
        long take() {
            return Math.max(0, times.getAndSet(TAKEN));
        }
    }

    private final Visits visits;
    private final AtMidnight days;
    private final Workspaces workspaces;
    private final Map<Asked, Times> news = new ConcurrentHashMap<>();

    ReadPages(Visits visits, AtMidnight days, Workspaces workspaces) {
        this.visits = visits;
        this.days = days;
        this.workspaces = workspaces;
    }

    /** A page was sent to somebody. */
    void note(Workspace workspace, HttpServletRequest asked) {
        if (!asked.getMethod().equals("GET") || Robots.isAhead(asked)) {
            return;
        }
        Asked what = new Asked(workspace.site(), asked.getRequestURI(), Robots.is(asked));
        Times times = news.get(what);
        while ((times == null || !times.add()) && news.size() < MOST) {
            times = news.computeIfAbsent(what, w -> new Times());
        }
    }

    @Scheduled(fixedDelay = MINUTE_MS, initialDelay = MINUTE_MS)
    public void keep() {
        news.forEach((what, times) -> {
            news.remove(what, times);
            long taken = times.take();
            workspaces.find(what.site()).map(Workspace::now).ifPresent(now -> keep(now, what, taken));
        });
        visits.write();
    }

    /** As whoever looks now: a day that ended within the minute gets it, or the next. */
    private void keep(Standing now, Asked what, long times) {
        Site site = now.live().site();
        if (SiteFacts.countsReads(site)) {
            page(now, what.path())
                    .ifPresent(page -> visits.note(what.site(), page, days.today(site), what.robot(), times));
        }
    }

    private static Optional<String> page(Standing now, String path) {
        return Addresses.of(now.live(), Visitor.US).at(SiteReplies.decode(path)) instanceof AtAddress.Here here
                ? Optional.of(here.page().id())
                : Optional.empty();
    }
}
