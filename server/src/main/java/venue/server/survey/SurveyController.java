package venue.server.survey;

import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.Edition;
import venue.core.item.Item;
import venue.core.page.Page;
import venue.core.render.View;
import venue.core.site.Site;
import venue.core.sitemap.Sitemap;
import venue.core.survey.Finding;
import venue.core.survey.Severity;
import venue.core.survey.Survey;
import venue.server.app.Origins;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspaces;

/** The survey's screen: findings, and the sitemap as a table and as XML. */
@RestController
@RequestMapping("/api/sites/{site}")
class SurveyController {

    private static final int MOST = 2_000;

    private final Workspaces workspaces;
    private final Surveys surveys;
    private final Origins origins;
    private final InstantSource clock;

    SurveyController(Workspaces workspaces, Surveys surveys, Origins origins, InstantSource clock) {
        this.workspaces = workspaces;
        this.surveys = surveys;
        this.origins = origins;
        this.clock = clock;
    }

    /** A finding with the name and address of what it is about; {@code page} tells whether that is a page. */
    record Found(Finding finding, String name, String address, boolean page) {}

    /** Findings, at most 2000 of them, and how many there are in all by severity. */
    record Findings(List<Survey.RuleInfo> rules, List<Found> findings, long mustFix, long shouldFix, long notes) {}

    /**
     * A page in the sitemap's table.
     *
     * @param lastChanged ISO 8601, for those that the sitemap holds
     * @param whyNot why the live sitemap leaves it out; absent when it holds it
     */
    record SitemapRow(
            String page,
            String title,
            String address,
            String state,
            List<String> menus,
            @Nullable String lastChanged,
            @Nullable String whyNot) {}

    /** The sitemap of the live site. */
    record SitemapTable(String address, int held, List<SitemapRow> rows) {}

    @GetMapping("/survey")
    Findings survey(@PathVariable String site) {
        Standing standing = workspaces.require(site).now();
        List<Finding> all = surveys.of(standing);
        return new Findings(
                Survey.rules(),
                all.stream().limit(MOST).map(f -> found(standing.working(), f)).toList(),
                count(all, Severity.MUST_FIX),
                count(all, Severity.SHOULD_FIX),
                count(all, Severity.NOTE));
    }

    private static Found found(Edition edition, Finding finding) {
        Optional<Page> page = edition.page(finding.item());
        String name = edition.find(finding.item()).map(Item::name).orElse(finding.item());
        return new Found(finding, name, page.map(edition::servedAt).orElse(""), page.isPresent());
    }

    private static long count(List<Finding> findings, Severity severity) {
        return findings.stream().filter(f -> f.severity() == severity).count();
    }

    @GetMapping("/sitemap")
    SitemapTable sitemap(@PathVariable String site) {
        Standing standing = workspaces.require(site).now();
        Edition working = standing.working();
        String origin = origins.of(working.site());
        Optional<View> live = standing.live()
                .find(Site.class, Site.ID)
                .map(s -> View.of(standing.live(), clock.instant(), origin, View.Mode.VISITOR));
        List<SitemapRow> rows = working.plan()
                .inOrder()
                .map(id -> row(standing, live, working.require(Page.class, id)))
                .toList();
        int held = (int) rows.stream().filter(r -> r.whyNot() == null).count();
        return new SitemapTable(origin + "/sitemap.xml", held, rows);
    }

    private static SitemapRow row(Standing standing, Optional<View> live, Page page) {
        Edition working = standing.working();
        Optional<Page> released = standing.live().page(page.id());
        String why = released.isEmpty() || live.isEmpty()
                ? "a draft, not released yet"
                : Sitemap.whyNot(live.get(), released.get()).orElse(null);
        return new SitemapRow(
                page.id(),
                page.title(),
                why == null ? standing.live().servedAt(released.orElseThrow()) : working.servedAt(page),
                venue.core.edition.PageState.of(page, released.orElse(null)).name(),
                working.inbound().menusTo(page.id()).stream()
                        .map(m -> working.find(m).map(Item::name).orElse(m))
                        .toList(),
                why == null ? String.valueOf(standing.changed().get(page.id())) : null,
                why);
    }

    /** The live sitemap as search engines get it. */
    @GetMapping(value = "/sitemap.xml", produces = MediaType.APPLICATION_XML_VALUE)
    String xml(@PathVariable String site) {
        Standing standing = workspaces.require(site).now();
        if (standing.release() == 0) {
            return Sitemap.files(List.of()).get(0);
        }
        View view = View.of(
                standing.live(), clock.instant(), origins.of(standing.live().site()), View.Mode.VISITOR);
        return Sitemap.files(Sitemap.entries(view, standing.changed())).get(0);
    }
}
