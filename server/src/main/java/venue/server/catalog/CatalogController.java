package venue.server.catalog;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.edition.Edition;
import venue.core.edition.Worn;
import venue.core.element.ElementKind;
import venue.core.element.Elements;
import venue.core.item.Hash;
import venue.core.kind.Kind;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.page.PageSettings;
import venue.core.pattern.Pattern;
import venue.core.pattern.PatternGroups;
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
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** What can be chosen from when pages are made and written. */
@RestController
@RequestMapping("/api/sites/{site}")
class CatalogController {

    @GetMapping("/catalog")
    Catalog catalog(Here here) {
        Standing standing = here.now();
        Edition edition = standing.working();
        return new Catalog(
                Elements.all().stream().map(CatalogController::element).toList(),
                SectionSettings.groups(),
                PageSettings.all(),
                templates(edition),
                kinds(edition, here.role()),
                edition.patterns()
                        .sorted(Comparator.comparing(Pattern::name))
                        .map(p -> pattern(standing, p))
                        .toList(),
                PatternGroups.of(edition.patterns()),
                shared(standing),
                edition.menus().stream()
                        .map((Menu m) -> new Catalog.MenuInfo(m.id(), m.name(), m.place()))
                        .toList(),
                Tone.of(edition.theme()).stream().map(CatalogController::tone).toList(),
                new Catalog.TypeInfo(
                        edition.theme().text("headingFont"), edition.theme().text("bodyFont"), (int)
                                edition.theme().number("pageWidth")),
                edition.site().language(),
                SiteFacts.all(),
                edition.site().facts());
    }

    private static Catalog.ElementInfo element(ElementKind kind) {
        return new Catalog.ElementInfo(
                kind.key(),
                kind.name(),
                kind.note(),
                kind.properties(),
                kind.siteFacts(),
                kind.inPlace(),
                kind.summary(),
                kind.isManagersOnly());
    }

    private static List<Catalog.SharedInfo> shared(Standing standing) {
        Edition edition = standing.working();
        return edition.all(SharedSection.class)
                .filter(s -> !edition.site().foot().contains(s.id()))
                .sorted(Comparator.comparing(SharedSection::name))
                .map(s -> new Catalog.SharedInfo(
                        s.id(),
                        s.name(),
                        edition.inbound().sharing(s.id()).size(),
                        s.section().columns().size(),
                        kinds(s),
                        drawn(standing, s.id())))
                .toList();
    }

    private static Catalog.ToneInfo tone(Tone tone) {
        return new Catalog.ToneInfo(
                tone.key(),
                tone.label(),
                tone.ground().hex(),
                tone.words().hex(),
                tone.quiet().hex(),
                tone.line().hex());
    }

    private static Catalog.PatternInfo pattern(Standing standing, Pattern pattern) {
        return new Catalog.PatternInfo(
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

    private static List<Catalog.TemplateInfo> templates(Edition edition) {
        Map<String, List<Page>> wearing = edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .collect(Collectors.groupingBy(p -> edition.worn(p).template().id()));
        return edition.all(Template.class)
                .sorted(Comparator.comparing(Template::name))
                .map(t -> template(t, wearing.getOrDefault(t.id(), List.of())))
                .toList();
    }

    private static Catalog.TemplateInfo template(Template template, List<Page> wearing) {
        return new Catalog.TemplateInfo(
                template.id(),
                template.name(),
                template.note(),
                Glyph.of(template),
                wearing.size(),
                template.starters().size(),
                template.toFill(),
                wearing.stream().map(Page::id).findFirst().orElse(null),
                template.retired());
    }

    private static List<Catalog.KindInfo> kinds(Edition edition, Role role) {
        List<String> offered = edition.all(Template.class)
                .filter(t -> !t.retired())
                .map(Template::id)
                .sorted()
                .toList();
        return edition.all(Kind.class)
                .sorted(Comparator.comparing(Kind::offeredFirst).reversed().thenComparing(Kind::name))
                .map(k -> new Catalog.KindInfo(
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
                        k.mayBeChangedBy(role),
                        k.isPageless(),
                        k.isPageless()
                                ? edition.entries(k.id()).size()
                                : edition.plan().ofKind(k.id()).size()))
                .toList();
    }
}
