package venue.core.edition.edition;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.entry.Entry;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.section.Sectioned;
import venue.core.model.section.SharedSection;
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
        if (item instanceof Template template) {
            return of(
                    template.id(),
                    "",
                    template.zones().stream().map(z -> PageFacts.of(z.fixed())).toList());
        }
        if (item instanceof Page || item instanceof SharedSection) {
            return of(item.id(), above(item), List.of(edition.facts((Sectioned) item)));
        }
        if (item instanceof Entry entry) {
            return new Named(Set.of(), edition.facts(entry).named(), Set.of(), Set.of(), Set.of(), Set.of(), Set.of());
        }
        return item instanceof Menu menu
                ? new Named(Set.of(), Set.of(), pages(menu), Set.of(), Set.of(), Set.of(), Set.of())
                : NOTHING;
    }

    private static Named of(String id, String above, List<PageFacts> all) {
        Set<String> pages = new TreeSet<>();
        Set<String> fields = new TreeSet<>();
        Set<String> listed = new TreeSet<>();
        Set<String> gathered = new TreeSet<>();
        Set<String> shared = new TreeSet<>();
        Set<String> paths = new TreeSet<>();
        all.forEach(facts -> {
            pages.addAll(facts.pages());
            fields.addAll(facts.named());
            listed.addAll(facts.listed());
            facts.gathered()
                    .forEach(g -> gathered.add(g.equals(PageFacts.HERE) ? id : g.equals(PageFacts.BESIDE) ? above : g));
            shared.addAll(facts.shared().values());
            facts.elsewhere().forEach(link -> link.sitePath().ifPresent(paths::add));
        });
        pages.remove(id);
        return new Named(pages, fields, Set.of(), listed, gathered, shared, paths);
    }

    private static Set<String> pages(Menu menu) {
        return menu.all().flatMap(l -> l.pageId().stream()).collect(Collectors.toSet());
    }

    private static String above(Item item) {
        return item instanceof Page page && page.parent() != null ? page.parent() : "";
    }
}
