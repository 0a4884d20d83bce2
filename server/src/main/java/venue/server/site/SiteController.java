package venue.server.site;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.server.app.Origins;
import venue.server.here.Caller;
import venue.server.here.Here;
import venue.store.people.Seats;
import venue.store.workspace.Workspaces;

/** The list of sites, and how one stands: what the running head and the standing line show. */
@RestController
@RequestMapping("/api/sites")
class SiteController {

    private final Workspaces workspaces;
    private final Seats seats;
    private final Origins origins;
    private final News news;

    SiteController(Workspaces workspaces, Seats seats, Origins origins, News news) {
        this.workspaces = workspaces;
        this.seats = seats;
        this.origins = origins;
        this.news = news;
    }

    /**
     * A site of one's own.
     *
     * @param release its latest; 0 for none
     * @param waits whether anything waits to be released
     */
    record SiteName(SiteId id, String name, String origin, Role role, int release, boolean waits) {}

    /** The sites in which whoever asks has a seat, and all of them for owners. */
    @GetMapping
    List<SiteName> sites(Caller caller) {
        Map<SiteId, Role> roles = seats.roles(workspaces.ids(), caller.person());
        return workspaces.listed(roles.keySet()).stream()
                .map(s -> new SiteName(
                        s.id(),
                        s.name(),
                        origins.origin(String.valueOf(s.host())),
                        Objects.requireNonNull(roles.get(s.id())),
                        s.release(),
                        s.waits()))
                .toList();
    }

    @GetMapping("/{site}")
    SiteStanding standing(Here here, HttpSession session) {
        return news.standing(here, session);
    }

    /** How it stands, and what differs in the plan since a step that the window knows; -1 for the whole plan. */
    @GetMapping("/{site}/news")
    SiteNews news(Here here, @RequestParam(defaultValue = "-1") long since, HttpSession session) {
        return news.since(here, since, session);
    }
}
