package venue.server.kind;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Worn;
import venue.core.edition.usage.FieldUse;
import venue.core.model.kind.Kind;
import venue.core.model.kind.KindSettings;
import venue.core.model.page.Page;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** One kind: all that its screen shows. */
@RestController
@RequestMapping("/api/sites/{site}/kinds/{id}")
class KindController {

    @GetMapping
    KindDetail kind(Here here, @PathVariable String id) {
        Standing standing = here.now();
        Edition edition = standing.working();
        Kind kind = edition.require(Kind.class, id);
        List<Page> pages = FieldUse.pages(edition, kind);
        long chosen = pages.stream()
                .filter(p -> edition.worn(p).source() == Worn.Source.CHOSEN)
                .count();
        return new KindDetail(
                new KindDetail.KindHead(id, standing.hashOf(id), kind.name(), kind.note(), kind.retired()),
                new KindDetail.KindFields(
                        FieldUse.of(edition, kind),
                        kind.putAway().stream()
                                .map(f -> new KindDetail.PutAway(f, FieldUse.holding(pages, f)))
                                .toList()),
                new KindDetail.KindRules(
                        kind.settings(),
                        KindSettings.all(),
                        kind.beneath(),
                        kind.templates().isEmpty() ? null : kind.templates(),
                        Worn.ofNew(edition, kind).id()),
                new KindDetail.KindPages(
                        pages.size(),
                        pages.size() - chosen,
                        chosen,
                        kind.isPageless()
                                ? null
                                : pages.stream().map(Page::id).findFirst().orElse(null)));
    }
}
