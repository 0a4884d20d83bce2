package venue.server.template;

import java.time.InstantSource;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.Edition;
import venue.core.page.Page;
import venue.core.render.PageRenderer;
import venue.core.render.Sample;
import venue.core.render.View;
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

    /** How the copies of its starter sections stand to it: a merge for each of them, so it is asked for by itself. */
    @GetMapping("/copies")
    TemplateDetail.Copies copies(@PathVariable String site, @PathVariable String id) {
        return new TemplateDetails(workspaces.require(site), id).copies();
    }
}
