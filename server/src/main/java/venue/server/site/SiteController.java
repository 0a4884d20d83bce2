package venue.server.site;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.server.app.Origins;
import venue.server.here.Here;
import venue.store.workspace.Workspaces;

/** The list of sites, and how one stands: what the running head and the standing line show. */
@RestController
@RequestMapping("/api/sites")
class SiteController {

    private final Workspaces workspaces;
    private final Origins origins;
    private final News news;

    SiteController(Workspaces workspaces, Origins origins, News news) {
        this.workspaces = workspaces;
        this.origins = origins;
        this.news = news;
    }

    /** A site in the list. */
    record SiteName(String id, String name, String origin) {}

    @GetMapping
    List<SiteName> sites() {
        return workspaces.all().stream()
                .map(w -> new SiteName(
                        w.site(),
                        w.now().working().site().name(),
                        origins.of(w.now().working().site())))
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
