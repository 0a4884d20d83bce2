package venue.server.site;

import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.Edition;
import venue.core.edition.PageState;
import venue.core.page.Page;
import venue.core.release.ReleasePlan;
import venue.core.section.Sectioned;
import venue.core.section.SharedSection;
import venue.core.survey.Finding;
import venue.core.survey.Severity;
import venue.server.app.Origins;
import venue.server.event.Events;
import venue.server.proof.ProofPass;
import venue.server.signin.People;
import venue.server.survey.Surveys;
import venue.store.journal.Journal;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** The list of sites, and how one stands: what the running head and the standing line show. */
@RestController
@RequestMapping("/api/sites")
class SiteController {

    private final Workspaces workspaces;
    private final Surveys surveys;
    private final Origins origins;
    private final ProofPass passes;
    private final Events events;
    private final People people;

    SiteController(
            Workspaces workspaces, Surveys surveys, Origins origins, ProofPass passes, Events events, People people) {
        this.workspaces = workspaces;
        this.surveys = surveys;
        this.origins = origins;
        this.passes = passes;
        this.events = events;
        this.people = people;
    }

    /** A site in the list. */
    record SiteName(String id, String name, String origin) {}

    /**
     * How a site stands.
     *
     * @param proofs where proofs are served, ending with a slash; good for half an hour
     * @param undo what would be taken back next; absent for nothing
     */
    record SiteStanding(
            String id,
            String name,
            String origin,
            String proofs,
            long step,
            int release,
            @Nullable String homeId,
            String homeTitle,
            Map<String, Long> pages,
            long toFill,
            long mustFix,
            long shouldFix,
            long notes,
            int changes,
            @Nullable String undo,
            @Nullable String redo,
            List<Events.Here> here) {}

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
    SiteStanding standing(@PathVariable String site, Principal principal) {
        Workspace workspace = workspaces.require(site);
        Standing standing = workspace.now();
        Edition working = standing.working();
        String origin = origins.of(working.site());
        String who = people.require(principal).id();
        List<Finding> findings = surveys.of(standing);
        return new SiteStanding(
                site,
                working.site().name(),
                origin,
                origin + "/-/proof/" + passes.issue(site) + "/",
                standing.step(),
                standing.release(),
                working.site().home(),
                working.home().map(Page::title).orElse("none"),
                states(standing),
                Stream.<Sectioned>concat(working.all(Page.class), working.all(SharedSection.class))
                        .mapToLong(i -> working.facts(i).places().size())
                        .sum(),
                count(findings, Severity.MUST_FIX),
                count(findings, Severity.SHOULD_FIX),
                count(findings, Severity.NOTE),
                ReleasePlan.of(standing.live(), working).entries().size(),
                workspace.journal().undoable(site, who).map(Journal.Group::name).orElse(null),
                workspace.journal().redoable(site, who).map(Journal.Group::name).orElse(null),
                events.here(site));
    }

    private static Map<String, Long> states(Standing standing) {
        return standing.working()
                .all(Page.class)
                .map(p -> PageState.of(p, standing.live().page(p.id()).orElse(null)))
                .collect(Collectors.groupingBy(PageState::name, Collectors.counting()));
    }

    private static long count(List<Finding> findings, Severity severity) {
        return findings.stream().filter(f -> f.severity() == severity).count();
    }
}
