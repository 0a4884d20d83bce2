package venue.core.readymade;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.item.Item;
import venue.core.kind.Kind;
import venue.core.pattern.Pattern;
import venue.core.property.Property;
import venue.core.site.Site;
import venue.core.template.Template;
import venue.core.theme.Look;

/** A site with all that is ready made and no page yet. */
public final class ReadySite {

    private ReadySite() {}

    /** @param home the id of the page that will be the home page; whoever asks adds it */
    public static List<Item> items(String name, String host, String home) {
        ZoneId zone = ZoneId.of("Europe/London");
        return items(new Site(Site.ID, name, List.of(host), "en-GB", zone, home, "dusk", "plain", Map.of(), List.of()));
    }

    /** The same for a site that is described already. */
    public static List<Item> items(Site site) {
        List<Item> items = new ArrayList<>();
        items.add(site);
        items.addAll(ReadyKinds.all());
        items.addAll(ReadyTemplates.all());
        items.addAll(ReadyPatterns.all("standard"));
        items.addAll(ReadyLooks.all());
        return items;
    }

    /** Whether an item of this id is ready made, and so the same in every site that began with it, however it looks there. */
    public static boolean isReadyMade(String id) {
        return Ids.ALL.contains(id);
    }

    private static final class Ids {
        private static final Set<String> ALL = items("", "", "").stream()
                .map(Item::id)
                .filter(id -> !id.equals(Site.ID))
                .collect(Collectors.toUnmodifiableSet());
    }

    public static List<Kind> kinds() {
        return ReadyKinds.all();
    }

    /** The field for a few words on a page, which every ready-made kind has. */
    public static Property summary() {
        return ReadyKinds.summary();
    }

    /** The field for a page's picture, which every ready-made kind has. */
    public static Property picture() {
        return ReadyKinds.picture();
    }

    public static List<Template> templates() {
        return ReadyTemplates.all();
    }

    /** @param kind the kind that their listings show */
    public static List<Pattern> patterns(String kind) {
        return ReadyPatterns.all(kind);
    }

    public static Look dusk() {
        return ReadyLooks.dusk();
    }

    public static Look chalk() {
        return ReadyLooks.chalk();
    }
}
