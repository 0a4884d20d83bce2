package venue.server.catalog;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyGroup;

/** Everything at once; it changes seldom. */
record Catalog(
        @JsonUnwrapped CatalogSections sections,
        @JsonUnwrapped CatalogSettings settings,
        @JsonUnwrapped CatalogPages pages,
        @JsonUnwrapped CatalogSite site,
        @JsonUnwrapped CatalogMembers members,
        @JsonUnwrapped CatalogForms forms,
        @JsonUnwrapped CatalogLook look) {

    /** What can be set on sections, columns and pages. */
    public record CatalogSettings(
            List<PropertyGroup> sectionSettings, List<Property> columnSettings, List<Property> pageSettings) {}

    /** What pages are and wear. */
    public record CatalogPages(
            List<TemplateInfo> templates,
            List<PurposeInfo> purposes,
            List<KindInfo> kinds,
            List<ReadyKindInfo> readyKinds) {}

    /** What pages are made of. */
    public record CatalogSections(
            List<ElementInfo> elements,
            List<PatternInfo> patterns,
            List<String> patternGroups,
            List<SharedInfo> shared) {}

    /**
     * What they look like.
     *
     * @param textures the tiles as SVG, by the choice
     */
    public record CatalogLook(List<ToneInfo> tones, TypeInfo type, Map<String, String> textures) {}

    /**
     * What is said of the site.
     *
     * @param serving what is set of how it is served
     * @param boundPages the facts by which pages have a task
     * @param folders the names of those in which files lie, and of those that these lie in
     */
    public record CatalogSite(
            List<MenuInfo> menus,
            String language,
            List<Property> siteFacts,
            List<Property> serving,
            List<Property> boundPages,
            Map<String, Value> facts,
            Collection<String> folders) {}

    /**
     * Who may see more than a stranger.
     *
     * @param groups of members, by name
     * @param membership the facts that say how people become members
     */
    public record CatalogMembers(List<GroupInfo> groups, List<Property> membership) {}

    /**
     * What visitors fill in.
     *
     * @param fieldKinds the kinds of field, in the order in which they are offered
     * @param formSettings what a form is set to
     * @param readyForms forms to begin with
     */
    public record CatalogForms(
            List<FormInfo> forms,
            List<FieldKindInfo> fieldKinds,
            List<Property> formSettings,
            List<FormInfo> readyForms) {}
}
