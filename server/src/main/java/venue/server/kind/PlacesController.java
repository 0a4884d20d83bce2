package venue.server.kind;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Places;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.site.Role;
import venue.server.here.Here;

/** Where pages may be made and moved, for whoever asks. */
@RestController
@RequestMapping("/api/sites/{site}")
class PlacesController {

    /**
     * Whether a page of a kind may stand in a place.
     *
     * @param whyNot why the rules don't allow it there; absent when they do
     * @param may whether whoever asks may do it all the same
     * @param editors whether editors may
     */
    record PlaceFor(
            String kind, @Nullable String parent, @Nullable String whyNot, boolean may, boolean editors) {}

    /** "What may I create here?" for a place, kind by kind; the top when no parent is named. */
    @GetMapping("/places")
    List<PlaceFor> places(Here here, @RequestParam(required = false) @Nullable String parent) {
        Edition edition = here.working();
        if (parent != null) {
            edition.require(Page.class, parent);
        }
        return Places.here(edition, parent, here.role()).stream()
                .map(a -> place(a, parent))
                .toList();
    }

    /** Where a page of a kind may be made: every page of the plan, with the reason where it may not. */
    @GetMapping("/kinds/{kind}/places")
    List<PlaceFor> placesOf(Here here, @PathVariable String kind) {
        Edition edition = here.working();
        Kind of = edition.require(Kind.class, kind);
        Role role = here.role();
        return everywhere(edition, parent -> Places.answer(edition, of, parent, role));
    }

    /** Where a page may be moved: every page of the plan, with the reason where it may not. */
    @GetMapping("/pages/{page}/places")
    List<PlaceFor> placesFor(Here here, @PathVariable String page) {
        Edition edition = here.working();
        Kind of = edition.require(Kind.class, edition.require(Page.class, page).kind());
        Role role = here.role();
        return everywhere(edition, parent -> Places.standing(edition, of, parent, role));
    }

    private static List<PlaceFor> everywhere(Edition edition, Function<@Nullable String, Places.Answer> answer) {
        Stream<PlaceFor> top = Stream.of(place(answer.apply(null), null));
        Stream<PlaceFor> beneath = edition.plan().inOrder().map(id -> place(answer.apply(id), id));
        return Stream.concat(top, beneath).toList();
    }

    private static PlaceFor place(Places.Answer answer, @Nullable String parent) {
        return new PlaceFor(answer.kind().id(), parent, answer.whyNot().orElse(null), answer.may(), answer.editors());
    }
}
