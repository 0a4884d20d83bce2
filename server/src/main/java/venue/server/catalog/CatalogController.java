package venue.server.catalog;

import java.security.Principal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.Edition;
import venue.core.edition.Worn;
import venue.core.element.Elements;
import venue.core.item.Hash;
import venue.core.kind.Kind;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.page.PageSettings;
import venue.core.pattern.Pattern;
import venue.core.property.Property;
import venue.core.property.PropertyGroup;
import venue.core.section.Element;
import venue.core.section.Section;
import venue.core.section.SectionSettings;
import venue.core.section.Sectioned;
import venue.core.section.SharedSection;
import venue.core.site.Role;
import venue.core.site.Site;
import venue.core.site.SiteFacts;
import venue.core.template.Glyph;
import venue.core.template.Template;
import venue.core.theme.Tone;
import venue.core.value.Value;
import venue.server.signin.People;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspaces;

/** What can be chosen from when pages are made and written. */
@RestController
@RequestMapping("/api/sites/{site}")
class CatalogController {

    private final Workspaces workspaces;
    private final People people;

    CatalogController(Workspaces workspaces, People people) {
        this.workspaces = workspaces;
        this.people = people;
    }

    /** A kind of element with the properties it declares. */
    record ElementInfo(String key, String name, String note, List<Property> properties, List<String> siteFacts) {}

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

    /** Everything at once; it changes seldom. */
    record Catalog(
            List<ElementInfo> elements,
            List<PropertyGroup> sectionSettings,
            List<Property> pageSettings,
            List<TemplateInfo> templates,
            List<KindInfo> kinds,
            List<PatternInfo> patterns,
            List<SharedInfo> shared,
            List<MenuInfo> menus,
            List<ToneInfo> tones,
            TypeInfo type,
            String language,
            List<Property> siteFacts,
            Map<String, Value> facts) {}

    @GetMapping("/catalog")
    Catalog catalog(@PathVariable String site, Principal principal) {
        Standing standing = workspaces.require(site).now();
        Edition edition = standing.working();
        return new Catalog(
                Elements.all().stream()
                        .map(k -> new ElementInfo(k.key(), k.name(), k.note(), k.properties(), k.siteFacts()))
                        .toList(),
                SectionSettings.groups(),
                PageSettings.all(),
                templates(edition),
                kinds(edition, people.role(principal)),
                edition.patterns()
                        .sorted(Comparator.comparing(Pattern::name))
                        .map(p -> pattern(standing, p))
                        .toList(),
                edition.all(SharedSection.class)
                        .filter(s -> !edition.site().foot().contains(s.id()))
                        .sorted(Comparator.comparing(SharedSection::name))
                        .map(s -> new SharedInfo(
                                s.id(),
                                s.name(),
                                edition.inbound().sharing(s.id()).size(),
                                s.section().columns().size(),
                                kinds(s),
                                drawn(standing, s.id())))
                        .toList(),
                edition.menus().stream()
                        .map((Menu m) -> new MenuInfo(m.id(), m.name(), m.place()))
                        .toList(),
                Tone.of(edition.theme()).stream().map(CatalogController::tone).toList(),
                new TypeInfo(
                        edition.theme().text("headingFont"), edition.theme().text("bodyFont"), (int)
                                edition.theme().number("pageWidth")),
                edition.site().language(),
                SiteFacts.all(),
                edition.site().facts());
    }

    private static ToneInfo tone(Tone tone) {
        return new ToneInfo(
                tone.key(),
                tone.label(),
                tone.ground().hex(),
                tone.words().hex(),
                tone.quiet().hex(),
                tone.line().hex());
    }

    private static PatternInfo pattern(Standing standing, Pattern pattern) {
        return new PatternInfo(
                pattern.id(),
                pattern.name(),
                pattern.group(),
                pattern.toFill(),
                pattern.sections().size(),
                pattern.sections().get(0).columns().size(),
                kinds(pattern),
                drawn(standing, pattern.id()));
    }

    private static String drawn(Standing standing, String id) {
        String look = standing.working().site().look();
        return Hash.shortOf(standing.hashOf(id) + standing.hashOf(look) + standing.hashOf(Site.ID));
    }

    /** The kinds of element that something holds. */
    private static List<String> kinds(Sectioned item) {
        return item.body()
                .all()
                .flatMap(Section::elements)
                .map(Element::kind)
                .distinct()
                .toList();
    }

    private static List<TemplateInfo> templates(Edition edition) {
        Map<String, List<Page>> wearing = edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .collect(Collectors.groupingBy(p -> edition.worn(p).template().id()));
        return edition.all(Template.class)
                .sorted(Comparator.comparing(Template::name))
                .map(t -> template(t, wearing.getOrDefault(t.id(), List.of())))
                .toList();
    }

    private static TemplateInfo template(Template template, List<Page> wearing) {
        List<Section> starters =
                template.zones().stream().flatMap(z -> z.starters().stream()).toList();
        return new TemplateInfo(
                template.id(),
                template.name(),
                template.note(),
                Glyph.of(template),
                wearing.size(),
                starters.size(),
                starters.stream().flatMap(Section::toFill).count(),
                wearing.stream().map(Page::id).findFirst().orElse(null),
                template.retired());
    }

    private static List<KindInfo> kinds(Edition edition, Role role) {
        List<String> offered = edition.all(Template.class)
                .filter(t -> !t.retired())
                .map(Template::id)
                .sorted()
                .toList();
        return edition.all(Kind.class)
                .sorted(Comparator.comparing(Kind::offeredFirst).reversed().thenComparing(Kind::name))
                .map(k -> new KindInfo(
                        k.id(),
                        k.name(),
                        k.note(),
                        k.fields(),
                        k.templates().isEmpty()
                                ? offered
                                : k.templates().stream()
                                        .filter(offered::contains)
                                        .toList(),
                        Worn.ofNew(edition, k).id(),
                        k.offeredFirst(),
                        k.startsIn(),
                        k.retired(),
                        role == Role.MANAGER || k.changedBy() == Role.EDITOR,
                        k.isPageless(),
                        k.isPageless()
                                ? edition.entries(k.id()).size()
                                : edition.plan().ofKind(k.id()).size()))
                .toList();
    }
}
