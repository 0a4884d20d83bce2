package venue.core.edition;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.template.Template;

/** Who links to whom: pages by their words and menus by their lines, and which kinds are shown by listings. */
public final class Inbound {

    private final Map<String, List<String>> fromPages = new HashMap<>();
    private final Map<String, List<String>> fromMenus = new HashMap<>();
    private final Set<String> listedKinds = new TreeSet<>();

    private Inbound() {}

    static Inbound of(Edition edition) {
        Inbound inbound = new Inbound();
        edition.all(Page.class).forEach(p -> inbound.add(p.id(), edition.facts(p)));
        edition.all(Template.class)
                .forEach(t -> t.zones().forEach(z -> inbound.add(t.id(), PageFacts.of(z.fixed(), Map.of()))));
        edition.all(Menu.class)
                .forEach(m ->
                        m.all().forEach(l -> l.link().pageId().ifPresent(p -> put(inbound.fromMenus, p, m.id()))));
        return inbound;
    }

    private void add(String from, PageFacts facts) {
        facts.links().forEach(l -> l.pageId().filter(p -> !p.equals(from)).ifPresent(p -> put(fromPages, p, from)));
        listedKinds.addAll(facts.listed());
    }

    private static void put(Map<String, List<String>> map, String to, String from) {
        List<String> list = map.computeIfAbsent(to, k -> new ArrayList<>());
        if (!list.contains(from)) {
            list.add(from);
        }
    }

    /** Ids of the pages and templates whose words link to the page. */
    public List<String> pagesTo(String pageId) {
        return fromPages.getOrDefault(pageId, List.of());
    }

    public List<String> menusTo(String pageId) {
        return fromMenus.getOrDefault(pageId, List.of());
    }

    /** Whether some listing shows pages of the kind. */
    public boolean isListed(String kindId) {
        return listedKinds.contains(kindId);
    }
}
