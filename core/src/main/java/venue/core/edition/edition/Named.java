package venue.core.edition.edition;

import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.body.listing.GatheredAt;
import venue.core.model.page.OfKind;
import venue.core.model.page.Page;
import venue.core.model.section.OnSite;
import venue.core.model.section.Original;
import venue.core.model.template.Template;

/**
 * What one item names.
 *
 * @param fields ids of the pages and files that its fields and settings name
 * @param gathered ids of the pages beneath which a listing of it looks
 * @param paths addresses on this site that are written out
 */
record Named(
        Set<String> pages,
        Set<String> fields,
        Set<String> menuPages,
        Set<String> listed,
        Set<String> gathered,
        Set<String> shared,
        Set<String> paths) {

    private static final Named NOTHING =
            new Named(Set.of(), Set.of(), Set.of(), Set.of(), Set.of(), Set.of(), Set.of());

    static Named of(@Nullable Item item, Edition edition) {
        if (item instanceof OnSite shown) {
            return of(shown.id(), above(shown, edition), edition.facts(shown));
        }
        if (item instanceof Original original) {
            Named named = of(original.id(), "", PageFacts.of(original.fixed()));
            return original.id().equals(Template.NOT_FOUND) ? named.gatheringNothing() : named;
        }
        // What an entry's fields say in words is on no page of its own.
        Set<String> fields =
                item instanceof OfKind of ? edition.factsOfFields(of).leads().named() : Set.of();
        Set<String> leads = item == null ? Set.of() : item.leadsTo().collect(Collectors.toSet());
        return fields.isEmpty() && leads.isEmpty()
                ? NOTHING
                : new Named(Set.of(), fields, leads, Set.of(), Set.of(), Set.of(), Set.of());
    }

    /** What visitors get where no page is leads on, and is no place where a page is found. */
    private Named gatheringNothing() {
        return new Named(pages, fields, menuPages, Set.of(), Set.of(), shared, paths);
    }

    private static Named of(String id, String above, PageFacts facts) {
        Set<String> pages = new TreeSet<>(facts.leads().pages());
        pages.remove(id);
        Set<String> gathered = new TreeSet<>();
        facts.lists()
                .gathered()
                .forEach(g -> gathered.add(g.equals(GatheredAt.HERE) ? id : g.equals(GatheredAt.BESIDE) ? above : g));
        Set<String> paths = new TreeSet<>();
        facts.leads().elsewhere().forEach(link -> link.sitePath().ifPresent(paths::add));
        return new Named(
                pages,
                facts.leads().named(),
                Set.of(),
                facts.lists().listed(),
                gathered,
                Set.copyOf(facts.shows().shared().values()),
                paths);
    }

    private static String above(Item item, Edition edition) {
        return edition.page(item.id()).map(Page::parent).orElse("");
    }
}
