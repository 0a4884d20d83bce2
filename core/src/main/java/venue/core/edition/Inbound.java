package venue.core.edition;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.section.SharedSection;
import venue.core.template.Template;

/**
 * Who links to whom: pages by their words and menus by their lines, which kinds are shown by listings,
 * and where shared sections stand.
 */
public final class Inbound {

    private final Map<String, Set<String>> fromPages = new HashMap<>();
    private final Map<String, Set<String>> fromMenus = new HashMap<>();
    private final Set<String> listedKinds = new TreeSet<>();
    private final Map<String, Set<String>> sharing = new HashMap<>();

    private Inbound() {}

    static Inbound of(Edition edition) {
        Inbound inbound = new Inbound();
        edition.all(Page.class).forEach(p -> inbound.add(p.id(), edition.facts(p)));
        edition.all(Template.class)
                .forEach(t -> t.zones().forEach(z -> inbound.add(t.id(), PageFacts.of(z.fixed(), Map.of()))));
        edition.all(SharedSection.class).forEach(s -> inbound.add(s.id(), edition.facts(s)));
        edition.all(Menu.class)
                .forEach(m ->
                        m.all().forEach(l -> l.link().pageId().ifPresent(p -> put(inbound.fromMenus, p, m.id()))));
        return inbound;
    }

    private void add(String from, PageFacts facts) {
        facts.pages().stream().filter(p -> !p.equals(from)).forEach(p -> put(fromPages, p, from));
        listedKinds.addAll(facts.listed());
        facts.shared().values().forEach(shared -> put(sharing, shared, from));
    }

    private static void put(Map<String, Set<String>> map, String to, String from) {
        map.computeIfAbsent(to, k -> new LinkedHashSet<>()).add(from);
    }

    /** Ids of the pages that some page's or template's words link to, whether they are there or not. */
    public Stream<String> linkedTo() {
        return fromPages.keySet().stream();
    }

    /** Ids of the pages, templates and shared sections whose words link to the page. */
    public List<String> pagesTo(String pageId) {
        return List.copyOf(fromPages.getOrDefault(pageId, Set.of()));
    }

    /** Ids of the pages and templates in which a shared section stands. */
    public List<String> sharing(String sharedId) {
        return List.copyOf(sharing.getOrDefault(sharedId, Set.of()));
    }

    public List<String> menusTo(String pageId) {
        return List.copyOf(fromMenus.getOrDefault(pageId, Set.of()));
    }

    /** Whether some listing shows pages of the kind. */
    public boolean isListed(String kindId) {
        return listedKinds.contains(kindId);
    }
}
