package venue.server.listing;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.body.listing.Asked;
import venue.core.body.search.Found;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Visitor;
import venue.core.model.section.Element;
import venue.core.show.render.Layouts;
import venue.core.show.render.View;
import venue.server.here.Here;
import venue.server.proof.TriedSearch;
import venue.server.proof.WorkingView;
import venue.store.workspace.Standing;

/** How the layouts of a listing suit what it shows. */
@RestController
@RequestMapping("/api/sites/{site}/listings")
class ListingController {

    private final WorkingView looks;
    private final TriedSearch search;

    ListingController(WorkingView looks, TriedSearch search) {
        this.looks = looks;
        this.search = search;
    }

    /**
     * @param item the page, template, pattern or shared section in which the listing is written
     * @param on the page on which it is looked at, where that is another
     * @param q what is looked for, where it shows what is found
     */
    @GetMapping("/{item}/{section}/{element}")
    Layouts layouts(
            Here here,
            @PathVariable String item,
            @PathVariable String section,
            @PathVariable String element,
            @RequestParam @Nullable String on,
            @RequestParam(defaultValue = "") String q) {
        Standing now = here.now();
        Edition edition = now.working();
        Element listing =
                Layouts.listing(edition, item, section, element).orElseThrow(() -> Refusal.unknown("listing", element));
        View view = looks.of(now, View.Mode.VISITOR)
                .asking(new Asked("", 1, Map.of(Found.WORDS, q)))
                .searchedBy(search.tried(here.workspace(), now, Visitor.US));
        return Layouts.of(view, Layouts.stand(edition, item, on), listing);
    }
}
