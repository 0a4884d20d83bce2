package venue.server.pattern;

import jakarta.servlet.http.HttpSession;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.show.render.Furnished;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.server.here.Here;
import venue.server.proof.ProofFiles;
import venue.server.proof.WorkingView;
import venue.store.workspace.Standing;

/** Where patterns are placed, and one of them on its screen. */
@RestController
@RequestMapping("/api/sites/{site}/patterns")
class PatternController {
    private final WorkingView looks;
    private final ProofFiles files;

    PatternController(WorkingView looks, ProofFiles files) {
        this.files = files;
        this.looks = looks;
    }

    /** On how many pages copies of it stand. */
    record PatternUse(String id, int pages) {}

    /** The patterns that have been placed, and on how many pages. */
    @GetMapping
    List<PatternUse> placed(Here here) {
        Map<String, Integer> pages = new HashMap<>();
        here.working().all(Page.class).forEach(page -> {
            Set<String> from = new HashSet<>();
            page.zones().all().forEach(s -> {
                if (s.origin() != null) {
                    from.add(s.origin().item());
                }
            });
            from.forEach(id -> pages.merge(id, 1, Integer::sum));
        });
        return here.working()
                .patterns()
                .filter(p -> pages.containsKey(p.id()))
                .map(p -> new PatternUse(p.id(), pages.getOrDefault(p.id(), 0)))
                .toList();
    }

    @GetMapping("/{id}")
    PatternDetail pattern(Here here, @PathVariable String id) {
        return new PatternDetails(here, id).detail();
    }

    /** The pattern's HTML, with marks or as visitors would get it, with samples in its places to fill or without. */
    record PatternMarkup(String html) {}

    @GetMapping("/{id}/markup")
    PatternMarkup markup(
            Here here,
            @PathVariable String id,
            @RequestParam(defaultValue = "false") boolean sample,
            @RequestParam(defaultValue = "false") boolean visitor,
            HttpSession session) {
        Standing now = here.now();
        Edition edition = now.working();
        Pattern pattern = edition.require(Pattern.class, id);
        View.Mode mode = visitor ? View.Mode.VISITOR : View.Mode.MARKED;
        View view = looks.of(now, mode);
        return new PatternMarkup(files.within(
                here,
                session,
                PageRenderer.sections(view, sample ? Furnished.of(edition, pattern) : pattern.sections())
                        .html()));
    }

    /** A pattern with the HTML of its proof: what its screen needs after a step, in one answer. */
    record PatternSheet(PatternDetail pattern, String html) {}

    @GetMapping("/{id}/sheet")
    PatternSheet sheet(
            Here here,
            @PathVariable String id,
            @RequestParam(defaultValue = "false") boolean sample,
            HttpSession session) {
        return new PatternSheet(
                pattern(here, id), markup(here, id, sample, false, session).html());
    }

    /** How its copies stand to it: a merge for each of them, so it is asked for by itself. */
    @GetMapping("/{id}/copies")
    PatternDetail.PatternCopies copies(Here here, @PathVariable String id) {
        return new PatternDetails(here, id).copies();
    }
}
