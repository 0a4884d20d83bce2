package venue.server.kind;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.Edition;
import venue.core.edition.Worn;
import venue.core.entry.Entry;
import venue.core.item.Item;
import venue.core.kind.Kind;
import venue.core.kind.KindSettings;
import venue.core.page.Page;
import venue.core.property.Property;
import venue.core.section.Section;
import venue.core.section.Sectioned;
import venue.core.text.Words;
import venue.core.value.Value;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspaces;

/** One kind: all that its screen shows. */
@RestController
@RequestMapping("/api/sites/{site}/kinds/{id}")
class KindController {

    private static final int NAMED = 5;

    private final Workspaces workspaces;

    KindController(Workspaces workspaces) {
        this.workspaces = workspaces;
    }

    @GetMapping
    KindDetail kind(@PathVariable String site, @PathVariable String id) {
        Standing standing = workspaces.require(site).now();
        Edition edition = standing.working();
        Kind kind = edition.require(Kind.class, id);
        List<Page> pages = kind.isPageless()
                ? edition.entries(id).stream().map(Entry::asListed).toList()
                : edition.plan().ofKind(id).stream()
                        .map(p -> edition.require(Page.class, p))
                        .toList();
        long chosen = pages.stream()
                .filter(p -> edition.worn(p).source() == Worn.Source.CHOSEN)
                .count();
        return new KindDetail(
                id,
                standing.hashOf(id),
                kind.name(),
                kind.note(),
                kind.retired(),
                kind.fields().stream().map(f -> use(edition, kind, f, pages)).toList(),
                kind.putAway().stream()
                        .map(f -> new KindDetail.PutAway(f, holding(pages, f)))
                        .toList(),
                kind.settings(),
                KindSettings.all(),
                kind.beneath(),
                kind.templates().isEmpty() ? null : kind.templates(),
                Worn.ofNew(edition, kind).id(),
                pages.size(),
                pages.size() - chosen,
                chosen,
                kind.isPageless()
                        ? null
                        : pages.stream().map(Page::id).findFirst().orElse(null));
    }

    private static long holding(List<Page> pages, Property field) {
        return pages.stream().filter(p -> p.fields().containsKey(field.key())).count();
    }

    private static FieldUse use(Edition edition, Kind kind, Property field, List<Page> pages) {
        long own = holding(pages, field);
        return new FieldUse(field, own, pages.size() - own, places(edition, kind, field, pages));
    }

    /** Where visitors see a field: listings, search engines, and the sections that show it. */
    private static List<String> places(Edition edition, Kind kind, Property field, List<Page> pages) {
        List<String> places = new ArrayList<>();
        boolean usual = List.of("summary", "picture", "date").contains(field.key());
        if (field.shown() || usual) {
            places.add("listings of " + (kind.isPageless() ? kind.name() + " entries" : kind.pages()));
        }
        if (field.key().equals("summary")) {
            places.add("search engines");
        }
        if (field.key().equals("picture")) {
            places.add("title bands with the page’s picture");
        }
        List<String> bound = Stream.concat(
                        edition.all(Sectioned.class).filter(i -> !(i instanceof Page)), pages.stream())
                .filter(i -> i.body().all().anyMatch(s -> shows(s, field.key())))
                .map(Item::name)
                .sorted(Comparator.naturalOrder())
                .toList();
        if (!bound.isEmpty()) {
            String more = bound.size() > NAMED ? " and " + Words.count(bound.size() - NAMED, "more place") : "";
            places.add(bound.stream().limit(NAMED).collect(Collectors.joining(", ")) + more);
        }
        return places;
    }

    private static boolean shows(Section section, String key) {
        return section.elements()
                .flatMap(e -> e.props().values().stream())
                .anyMatch(v -> v instanceof Value.Bound bound && bound.source().equals("page." + key));
    }
}
