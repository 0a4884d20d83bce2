package venue.server.page;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.change.edit.section.ReachEffect;
import venue.core.change.fitting.Fitted;
import venue.core.change.fitting.FittedMany;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Extremes;
import venue.core.edition.edition.HomeEffects;
import venue.core.edition.edition.Segments;
import venue.core.edition.edition.Worn;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.page.Segment;
import venue.core.model.section.Section;
import venue.core.model.template.Template;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.server.here.Here;
import venue.server.proof.ProofFiles;
import venue.server.proof.WorkingView;
import venue.store.workspace.Standing;

/** One page: all that its screen shows, and what its proof is refreshed with. */
@RestController
@RequestMapping("/api/sites/{site}")
class PageController {
    private final PageDetails details;
    private final WorkingView looks;
    private final ProofFiles files;

    PageController(PageDetails details, WorkingView looks, ProofFiles files) {
        this.files = files;
        this.details = details;
        this.looks = looks;
    }

    @GetMapping("/pages/{id}")
    PageDetail page(Here here, @PathVariable String id) {
        return details.of(here, here.working().require(Page.class, id));
    }

    /** A page with the HTML of its proof: what its screen needs after a step, in one answer. */
    record PageSheet(PageDetail page, String html) {}

    @GetMapping("/pages/{id}/sheet")
    PageSheet sheet(Here here, @PathVariable String id, HttpSession session) {
        return new PageSheet(page(here, id), markup(here, id, false, session).html());
    }

    /** The page's HTML, for a proof that is open: with marks, or as visitors would get it. */
    record Markup(String html) {}

    @GetMapping("/pages/{id}/markup")
    Markup markup(
            Here here,
            @PathVariable String id,
            @RequestParam(defaultValue = "false") boolean visitor,
            HttpSession session) {
        Standing now = here.now();
        Page page = now.working().require(Page.class, id);
        View view = looks.of(now, visitor ? View.Mode.VISITOR : View.Mode.MARKED);
        return new Markup(
                files.within(here, session, PageRenderer.render(view, page).html()));
    }

    /**
     * A template that a page may wear.
     *
     * @param shelved names of the sections that would wait on the shelf
     * @param returning names of those that would come back from it
     * @param gains parts of the frame, sidebars, fixed sections and options that it does not have now
     * @param loses those that it would not have any more
     */
    record Fit(
            String template,
            boolean worn,
            boolean kindsOwn,
            List<String> shelved,
            List<String> returning,
            List<String> gains,
            List<String> loses) {}

    /** A page of the kind that tries a template hard, and in what. */
    record Trial(Extremes.In in, String what, String page, String title) {}

    /** The pages of the page's kind that try a template hardest. */
    @GetMapping("/kinds/{kind}/extremes")
    List<Trial> extremes(Here here, @PathVariable String kind) {
        return Extremes.of(here.working(), kind).stream()
                .map(e -> new Trial(e.in(), e.what(), e.page().id(), e.page().title()))
                .toList();
    }

    /** The templates that all of the named pages may wear, and what each would do to them; nothing is changed. */
    @GetMapping("/fitting")
    List<FittedMany> fittingMany(Here here, @RequestParam List<String> pages) {
        Edition edition = here.working();
        return FittedMany.of(
                edition,
                pages.stream().map(id -> edition.require(Page.class, id)).toList());
    }

    /** The templates that the page may wear, and what each would do to it; nothing is changed. */
    @GetMapping("/pages/{id}/fitting")
    List<Fit> fitting(Here here, @PathVariable String id) {
        Edition edition = here.working();
        Page page = edition.require(Page.class, id);
        Template worn = edition.worn(page).template();
        Template own = Worn.ofNew(edition, edition.require(Kind.class, page.kind()));
        return Fitted.all(edition, page).stream()
                .map(f -> new Fit(
                        f.template().id(),
                        f.template().equals(worn),
                        f.template().equals(own),
                        names(f.shelved()),
                        names(f.returning()),
                        f.gains(),
                        f.loses()))
                .toList();
    }

    private static List<String> names(List<Section> sections) {
        return sections.stream().map(Section::name).toList();
    }

    /** How far a section could reach instead, and what would happen; nothing is changed. */
    @GetMapping("/pages/{id}/sections/{section}/reaches")
    List<ReachEffect> reaches(Here here, @PathVariable String id, @PathVariable String section) {
        Edition edition = here.working();
        return ReachEffect.of(edition, edition.require(Page.class, id), section);
    }

    /** What would change if the page became the home page. */
    @GetMapping("/pages/{id}/home-effects")
    List<String> homeEffects(Here here, @PathVariable String id) {
        Standing standing = here.now();
        return HomeEffects.of(
                standing.working(), standing.live(), standing.working().require(Page.class, id));
    }

    /** The address a new page would have; {@code taken} names the page that has it already. */
    record Address(String address, String segment, @Nullable String taken) {}

    @GetMapping("/addresses")
    Address address(Here here, @RequestParam(required = false) @Nullable String parent, @RequestParam String title) {
        Standing standing = here.now();
        String wanted = Segment.fromTitle(title);
        String base = parent == null ? "" : standing.working().plan().address(parent);
        String taken = standing.working()
                .plan()
                .pageAt(base + "/" + wanted)
                .flatMap(standing.working()::page)
                .map(Page::title)
                .orElse(null);
        String free = Segments.free(standing.working(), parent, wanted, null);
        return new Address(base + "/" + free, free, taken);
    }
}
