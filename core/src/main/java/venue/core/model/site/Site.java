package venue.core.model.site;

import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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

    /** One whose patterns are grouped as usual. */
    public Site(
            String id,
            String name,
            List<String> hosts,
            String language,
            ZoneId zone,
            @Nullable String home,
            String look,
            String fallbackTemplate,
            Map<String, Value> facts,
            List<String> foot) {
        this(id, name, hosts, language, zone, home, look, fallbackTemplate, facts, foot, List.of());
    }

    public Site withHome(@Nullable String pageId) {
        return new Site(id, name, hosts, language, zone, pageId, look, fallbackTemplate, facts, foot, patternGroups);
    }

    public Site withHosts(List<String> names) {
        return new Site(id, name, names, language, zone, home, look, fallbackTemplate, facts, foot, patternGroups);
    }

    public Site described(String words, String tag, ZoneId timeZone) {
        return new Site(id, words, hosts, tag, timeZone, home, look, fallbackTemplate, facts, foot, patternGroups);
    }

    /** Without what visitors may be told of it, and without what it says on every page; which menus it shows stays. */
    public Site withoutFacts() {
        Map<String, Value> kept = new HashMap<>(facts);
        Stream.of(SiteFacts.told(), SiteIdentity.all())
                .flatMap(List::stream)
                .filter(f -> f.type() != PropertyType.MENU)
                .forEach(f -> kept.remove(f.key()));
        return new Site(id, name, hosts, language, zone, home, look, fallbackTemplate, kept, foot, patternGroups);
    }

    public Site withLook(String themeId) {
        return new Site(id, name, hosts, language, zone, home, themeId, fallbackTemplate, facts, foot, patternGroups);
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
        Map<String, Value> changed = Values.with(facts, key, value);
        return new Site(id, name, hosts, language, zone, home, look, fallbackTemplate, changed, foot, patternGroups);
    }

    public Site withFallback(String template) {
        return new Site(id, name, hosts, language, zone, home, look, template, facts, foot, patternGroups);
    }

    public Site withFoot(List<String> shared) {
        return new Site(id, name, hosts, language, zone, home, look, fallbackTemplate, facts, shared, patternGroups);
    }

    public Site withPatternGroups(List<String> groups) {
        return new Site(id, name, hosts, language, zone, home, look, fallbackTemplate, facts, foot, groups);
    }

    /** What visitors may notice of it: in which order managers keep their patterns isn't. */
    public Site toVisitors() {
        return withPatternGroups(List.of());
    }
}
