package venue.core.model.site;

import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.PropertyType;
import venue.core.model.property.Settable;

/**
 * The site itself.
 *
 * @param hosts host names under which visitors get it, the main one first, without a port; none while it is carried
 * @param language its language as a BCP 47 tag
 * @param zone its time zone, IANA name
 * @param home the page served at {@code /}
 * @param look the theme it wears
 * @param foot ids of the shared sections that stand on every page, above the footer
 * @param fallbackTemplate worn where neither page nor kind names one that is there
 * @param patternGroups the groups of its patterns, in its own order; none for the usual one
 */
public record Site(
        String id,
        String name,
        List<String> hosts,
        String language,
        ZoneId zone,
        @Nullable String home,
        String look,
        String fallbackTemplate,
        Map<String, Value> facts,
        List<String> foot,
        List<String> patternGroups)
        implements Settable {

    /** The id of the site's own item in every site. */
    public static final String ID = "site";

    public Site {
        hosts = hosts == null ? List.of() : List.copyOf(hosts);
        facts = Values.copy(facts);
        foot = foot == null ? List.of() : List.copyOf(foot);
        patternGroups = patternGroups == null ? List.of() : List.copyOf(patternGroups);
    }

    /** One without a home page and with nothing told of it. */
    public static Site of(String name, String language, ZoneId zone, String look, String fallbackTemplate) {
        return new Site(
                ID, name, List.of(), language, zone, null, look, fallbackTemplate, Map.of(), List.of(), List.of());
    }

    public Site withHome(@Nullable String pageId) {
        return but(d -> d.home = pageId);
    }

    public Site withHosts(List<String> names) {
        return but(d -> d.hosts = names);
    }

    public Site described(String words, String tag, ZoneId timeZone) {
        return but(d -> {
            d.name = words;
            d.language = tag;
            d.zone = timeZone;
        });
    }

    public Site withFacts(Map<String, Value> all) {
        return but(d -> d.facts = all);
    }

    /** Without what visitors may be told of it, and without what it says on every page; which menus it shows stays. */
    public Site withoutFacts() {
        Map<String, Value> kept = new HashMap<>(facts);
        Stream.of(SiteFacts.told(), SiteFacts.serving(), SiteIdentity.all(), BoundPage.all())
                .flatMap(List::stream)
                .filter(f -> f.type() != PropertyType.MENU)
                .forEach(f -> kept.remove(f.key()));
        return withFacts(kept);
    }

    public Site withLook(String themeId) {
        return but(d -> d.look = themeId);
    }

    @Override
    public Property setting(String key) {
        return PropertyCheck.require(SiteFacts.all(), key, key);
    }

    @Override
    public String told() {
        return "the site";
    }

    @Override
    public Site with(String key, @Nullable Value value) {
        return withFacts(Values.with(facts, key, value));
    }

    public Site withFallback(String template) {
        return but(d -> d.fallbackTemplate = template);
    }

    public Site withFoot(List<String> shared) {
        return but(d -> d.foot = shared);
    }

    public Site withPatternGroups(List<String> groups) {
        return but(d -> d.patternGroups = groups);
    }

    /** What visitors may notice of it: in which order managers keep their patterns isn't. */
    public Site toVisitors() {
        return withPatternGroups(List.of());
    }

    /** The same site but for what is changed in it: the one place where its parts are copied. */
    private Site but(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return new Site(
                id,
                draft.name,
                draft.hosts,
                draft.language,
                draft.zone,
                draft.home,
                draft.look,
                draft.fallbackTemplate,
                draft.facts,
                draft.foot,
                draft.patternGroups);
    }

    private static final class Draft {
        private String name;
        private List<String> hosts;
        private String language;
        private ZoneId zone;
        private @Nullable String home;
        private String look;
        private String fallbackTemplate;
        private Map<String, Value> facts;
        private List<String> foot;
        private List<String> patternGroups;

        private Draft(Site site) {
            name = site.name;
            hosts = site.hosts;
            language = site.language;
            zone = site.zone;
            home = site.home;
            look = site.look;
            fallbackTemplate = site.fallbackTemplate;
            facts = site.facts;
            foot = site.foot;
            patternGroups = site.patternGroups;
        }
    }
}
