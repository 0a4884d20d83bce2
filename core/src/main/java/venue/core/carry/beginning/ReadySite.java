package venue.core.carry.beginning;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.model.kind.Kind;
import venue.core.model.pattern.Pattern;
import venue.core.model.site.Site;
import venue.core.model.site.SiteIdentity;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;

/** All that is ready made: kinds, templates, patterns and looks, the same in every site that begins. */
public final class ReadySite {

    private static final List<Item> ALL = List.copyOf(Folder.items("ready-made", Map.of()));
    private static final Set<String> IDS = ALL.stream().map(Item::id).collect(Collectors.toUnmodifiableSet());

    private ReadySite() {}

    /**
     * A site with all of it and no page yet.
     *
     * @param home the id of the page that will be the home page; whoever asks adds it
     */
    public static List<Item> items(String name, String host, String home) {
        NewSite asked = NewSite.of(name, host, "en-GB", "Europe/London");
        List<Item> items = new ArrayList<>();
        items.add(Site.of(asked.name(), asked.language(), asked.zone(), "dusk", "plain")
                .withHosts(List.of(asked.host()))
                .withHome(home)
                .withFacts(
                        Map.of(SiteIdentity.HEADER_MENU, Value.of("main"), SiteIdentity.FOOT_MENU, Value.of("foot"))));
        items.addAll(ALL);
        return items;
    }

    /** Whether an item of this id is ready made, and so the same in every site that began with it, however it looks there. */
    public static boolean isReadyMade(String id) {
        return IDS.contains(id);
    }

    public static List<Kind> kinds() {
        return all(Kind.class);
    }

    public static List<Template> templates() {
        return all(Template.class);
    }

    public static List<Look> looks() {
        return all(Look.class);
    }

    public static List<Pattern> patterns() {
        return all(Pattern.class);
    }

    public static Look look(String id) {
        return all(Look.class).stream()
                .filter(l -> l.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static <T extends Item> List<T> all(Class<T> sort) {
        return ALL.stream().filter(sort::isInstance).map(sort::cast).toList();
    }
}
