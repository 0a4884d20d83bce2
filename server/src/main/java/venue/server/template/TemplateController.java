package venue.server.template;

import jakarta.servlet.http.HttpSession;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.template.Template;
import venue.core.show.render.Furnished;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.Sample;
import venue.core.show.render.View;
import venue.server.here.Here;
import venue.server.proof.ProofFiles;
import venue.server.proof.WorkingView;
import venue.store.workspace.Standing;

/** One template on its screen, and what rolling its changes out would do. */
@RestController
@RequestMapping("/api/sites/{site}/templates/{id}")
class TemplateController {
    private final WorkingView looks;
    private final ProofFiles files;

    TemplateController(WorkingView looks, ProofFiles files) {
        this.files = files;
        this.looks = looks;
    }

    @GetMapping
    TemplateDetail template(Here here, @PathVariable String id) {
        return new TemplateDetails(here, id).detail();
    }

    /** The template's HTML, with marks or as visitors would get it, on made-up content or on a page's; for a proof that is open. */
    record TemplateMarkup(String html) {}

    @GetMapping("/markup")
    TemplateMarkup markup(
            Here here,
            @PathVariable String id,
            @RequestParam(required = false) @Nullable String on,
            @RequestParam(defaultValue = "false") boolean visitor,
            HttpSession session) {
        Standing now = here.now();
        Edition edition = now.working();
        Template template = edition.require(Template.class, id);
        View.Mode mode = visitor ? View.Mode.VISITOR : View.Mode.MARKED;
        View view = looks.of(now, mode);
        if (on != null && !on.isEmpty()) {
            return new TemplateMarkup(files.within(
                    here,
                    session,
                    PageRenderer.renderIn(view, edition.require(Page.class, on), template)
                            .html()));
        }
        // Without marks nothing is to fill, and on a page that is made up nothing would be left of it.
        Template worn = visitor ? Furnished.of(view.edition(), template) : template;
        return new TemplateMarkup(PageRenderer.renderIn(view, Sample.of(view.edition(), worn), worn)
                .html());
    }

    /** A template with the HTML of its proof: what its screen needs after a step, in one answer. */
    record TemplateSheet(TemplateDetail template, String html) {}

    @GetMapping("/sheet")
    TemplateSheet sheet(
            Here here,
            @PathVariable String id,
            @RequestParam(required = false) @Nullable String on,
            HttpSession session) {
        return new TemplateSheet(
                template(here, id), markup(here, id, on, false, session).html());
    }

    /** How the copies of its starter sections stand to it: a merge for each of them, so it is asked for by itself. */
    @GetMapping("/copies")
    TemplateDetail.Copies copies(Here here, @PathVariable String id) {
        return new TemplateDetails(here, id).copies();
    }
}
