package venue.server.catalog;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.property.Property;
import venue.core.property.PropertyGroup;
import venue.core.template.Glyph;
import venue.core.value.Value;

/** Everything at once; it changes seldom. */
record Catalog(
        List<ElementInfo> elements,
        List<PropertyGroup> sectionSettings,
        List<Property> pageSettings,
        List<TemplateInfo> templates,
        List<KindInfo> kinds,
        List<PatternInfo> patterns,
        List<String> patternGroups,
        List<SharedInfo> shared,
        List<MenuInfo> menus,
        List<ToneInfo> tones,
        TypeInfo type,
        String language,
        List<Property> siteFacts,
        Map<String, Value> facts) {

    /**
     * A kind of element with the properties it declares.
     *
     * @param inPlace keys of those that are written in its card
     * @param summary keys of those that sum it up there
     */
    record ElementInfo(
            String key,
            String name,
            String note,
            List<Property> properties,
            List<String> siteFacts,
            List<String> inPlace,
            List<String> summary,
            boolean managersOnly) {}

    /** A template: its glyph, how many pages wear it, and what it brings to a new page. */
    record TemplateInfo(
            String id,
            String name,
            String note,
            Glyph glyph,
            long pages,
            int sections,
            long toFill,
            @Nullable String shown,
            boolean retired) {}

    /**
     * A kind of page.
     *
     * @param templates those its pages may wear and that are offered
     * @param changeable whether whoever asks may change its pages
     */
    record KindInfo(
            String id,
            String name,
            String note,
            List<Property> fields,
            List<String> templates,
            String template,
            boolean offeredFirst,
            String startsIn,
            boolean retired,
            boolean changeable,
            boolean pageless,
            long pages) {}

    /**
     * A pattern of the tray.
     *
     * @param kinds the kinds of element it holds
     * @param drawn the hash of all that its drawing is made from
     */
    record PatternInfo(
            String id,
            String name,
            String group,
            long toFill,
            int sections,
            int columns,
            List<String> kinds,
            String drawn) {}

    /** A shared section that can be placed: on how many pages it stands. */
    record SharedInfo(String id, String name, long pages, int columns, List<String> kinds, String drawn) {}

    /** A menu's name and where it is shown. */
    record MenuInfo(String id, String name, String place) {}

    /** A tone's ground and words, for swatches. */
    record ToneInfo(String key, String label, String ground, String words, String quiet, String line) {}

    /** The type and page width (pixels) of the look the site wears, for writing in it. */
    record TypeInfo(String headingFont, String bodyFont, int pageWidth) {}
}
