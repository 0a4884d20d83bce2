package venue.server.template;

import java.time.InstantSource;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.compare.Compared;
import venue.core.edition.Edition;
import venue.core.page.Page;
import venue.core.render.PageRenderer;
import venue.core.render.Sample;
import venue.core.render.View;
import venue.core.rollout.RollOut;
import venue.core.rollout.Strand;
import venue.core.section.Section;
import venue.core.template.Template;
import venue.server.app.Origins;
import venue.store.workspace.Workspaces;

/** One template on its screen, and what rolling its changes out would do. */
@RestController
@RequestMapping("/api/sites/{site}/templates/{id}")
class TemplateController {

    private final Workspaces workspaces;
    private final Origins origins;
    private final InstantSource clock;

    TemplateController(Workspaces workspaces, Origins origins, InstantSource clock) {
        this.workspaces = workspaces;
        this.origins = origins;
        this.clock = clock;
    }

    @GetMapping
    TemplateDetail template(@PathVariable String site, @PathVariable String id) {
        return new TemplateDetails(workspaces.require(site), id).detail();
    }

    /** The template's HTML with marks, on made-up content or on a page's; for a proof that is open. */
    record TemplateMarkup(String html) {}

    @GetMapping("/markup")
    TemplateMarkup markup(
            @PathVariable String site, @PathVariable String id, @RequestParam(required = false) @Nullable String on) {
        Edition edition = workspaces.require(site).now().working();
        Template template = edition.require(Template.class, id);
        View view = View.of(edition, clock.instant(), origins.of(edition.site()), View.Mode.MARKED);
        Page page = on == null || on.isEmpty() ? Sample.of(view.edition(), template) : edition.require(Page.class, on);
        return new TemplateMarkup(PageRenderer.renderIn(view, page, template));
    }

    /**
     * One section of the template on one page.
     *
     * @param change the section of the template
     * @param key what a choice for it is given under
     * @param state {@code DONE}, {@code FOLLOWS}, {@code MERGES}, {@code COMES}, {@code GOES}, {@code LEFT}, {@code ASKS}
     * @param mine its words as the page has them; nothing for one that would come
     * @param theirs its words as they would be when it follows; nothing for one that would go
     */
    record RollOutCell(String change, String key, String state, List<String> mine, List<String> theirs) {}

    /** A page and its cells. */
    record RollOutRow(String page, String title, String address, boolean alone, List<RollOutCell> cells) {}

    /** How the copies of its starter sections stand to it: a merge for each of them, so it is asked for by itself. */
    @GetMapping("/copies")
    TemplateDetail.Copies copies(@PathVariable String site, @PathVariable String id) {
        return new TemplateDetails(workspaces.require(site), id).copies();
    }

    /** Changes of the template against the pages that hold copies. */
    record RollOutTable(String name, List<RollOut.Change> changes, List<RollOutRow> rows, int done) {}

    @GetMapping("/roll-out")
    RollOutTable rollOut(@PathVariable String site, @PathVariable String id) {
        TemplateDetails details = new TemplateDetails(workspaces.require(site), id);
        RollOut rollOut = details.rollOut();
        List<RollOut.Row> rows = rollOut.rows();
        List<RollOut.Change> changes = rollOut.changes(rows);
        List<String> open = changes.stream().map(RollOut.Change::section).toList();
        List<RollOutRow> shown = rows.stream()
                .filter(r -> r.strands().stream().anyMatch(s -> open.contains(s.origin())))
                .map(r -> row(details.edition(), r, open))
                .toList();
        return new RollOutTable(
                details.edition().require(Template.class, id).name(), changes, shown, rows.size() - shown.size());
    }

    private static RollOutRow row(Edition edition, RollOut.Row row, List<String> open) {
        return new RollOutRow(
                row.page().id(),
                row.page().title(),
                edition.servedAt(row.page()),
                venue.core.page.PageSettings.isLeftAlone(row.page()),
                row.strands().stream()
                        .filter(s -> open.contains(s.origin()))
                        .map(TemplateController::cell)
                        .toList());
    }

    private static RollOutCell cell(Strand strand) {
        return new RollOutCell(
                strand.origin(), strand.key(), strand.state().name(), words(strand.now()), words(strand.then()));
    }

    private static List<String> words(@Nullable Section section) {
        return section == null ? List.of() : Compared.words(section);
    }
}
