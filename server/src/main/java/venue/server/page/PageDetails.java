package venue.server.page;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.edit.Rights;
import venue.core.edition.Edition;
import venue.core.edition.Holds;
import venue.core.edition.Lineage;
import venue.core.edition.PageState;
import venue.core.edition.SectionPlace;
import venue.core.edition.Worn;
import venue.core.item.Item;
import venue.core.kind.Kind;
import venue.core.legibility.Legibility;
import venue.core.menu.Line;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.render.Head;
import venue.core.section.Section;
import venue.core.site.Role;
import venue.core.template.Template;
import venue.core.template.Zone;
import venue.server.page.PageDetail.LastChange;
import venue.server.page.PageDetail.LinkFrom;
import venue.server.page.PageDetail.MenuPlace;
import venue.server.page.PageDetail.PlacedSection;
import venue.server.page.PageDetail.ZoneDetail;
import venue.server.signin.People;
import venue.server.survey.Surveys;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** Gathers what a page's screen shows. */
@Component
class PageDetails {

    private final Surveys surveys;
    private final People people;

    PageDetails(Surveys surveys, People people) {
        this.surveys = surveys;
        this.people = people;
    }

    PageDetail of(Workspace workspace, Page page, Role role) {
        Standing standing = workspace.now();
        Edition working = standing.working();
        Worn worn = working.worn(page);
        Optional<Page> live = standing.live().page(page.id());
        Optional<Kind> kind = working.kindOf(page);
        Sections sections = new Sections(workspace, standing, page);
        return new PageDetail(
                page.id(),
                standing.hashOf(page.id()),
                page.title(),
                page.segment(),
                page.parent(),
                working.servedAt(page),
                live.map(standing.live()::servedAt).orElse(""),
                working.isHome(page),
                page.kind(),
                kind.map(Kind::name).orElse(page.kind()),
                worn.template().id(),
                worn.source().name(),
                PageState.of(page, live.orElse(null)).name(),
                page.withdrawn(),
                Head.searchTitle(working.site(), page, working.isHome(page)),
                Head.description(working, page),
                page.fields(),
                kind.map(Kind::fields).orElse(List.of()),
                page.settings(),
                worn.template().options(),
                Rights.mayChange(role, working, page),
                Holds.of(working, page).map(h -> holds(h, page)).orElse(null),
                sections.zones(),
                sections.everywhere(),
                page.shelf(),
                working.toFill(page),
                working.menus().stream().map(m -> menuPlace(working, m, page)).toList(),
                linksIn(working, page),
                working.facts(page).pages().size()
                        + working.facts(page).elsewhere().size(),
                surveys.byItem(standing).getOrDefault(page.id(), List.of()),
                workspace
                        .journal()
                        .lastOf(workspace.site(), page.id())
                        .map(l -> new LastChange(people.nameOf(l.who()), l.at(), l.name()))
                        .orElse(null),
                standing.release());
    }

    private static PageDetail.HoldsWords holds(Holds holds, Page page) {
        Item by = holds.by();
        String type = by.getClass().getSimpleName().toLowerCase(java.util.Locale.ROOT);
        return new PageDetail.HoldsWords(holds.kinds(), by.id().equals(page.id()), by.name(), type);
    }

    /** The page's sections as its screen shows them. */
    private record Sections(Workspace workspace, Standing standing, Page page) {

        List<ZoneDetail> zones() {
            Template worn = edition().worn(page).template();
            return worn.zones().stream()
                    .map(z -> new ZoneDetail(z.key(), z.name(), z.role().name(), z.accepts(), fixed(worn, z), own(z)))
                    .toList();
        }

        List<PlacedSection> everywhere() {
            return edition().site().foot().stream()
                    .flatMap(id -> SectionPlace.everywhere(edition(), id).stream())
                    .map(this::placed)
                    .toList();
        }

        private List<PlacedSection> fixed(Template worn, Zone zone) {
            return zone.fixed().stream()
                    .flatMap(s -> SectionPlace.fixed(edition(), worn, s.id()).stream())
                    .map(this::placed)
                    .toList();
        }

        private List<PlacedSection> own(Zone zone) {
            return page.zones().in(zone.key()).stream()
                    .map(s -> placed(
                            SectionPlace.own(edition(), page, page.zones().require(s.id()))))
                    .toList();
        }

        private PlacedSection placed(SectionPlace at) {
            Section section = at.content();
            Lineage lineage = at.reach() == SectionPlace.Reach.HERE
                    ? Lineage.of(edition(), section, workspace::past)
                    : Lineage.OWN;
            String origin = section.origin() == null
                    ? null
                    : edition().find(section.origin().item()).map(Item::name).orElse(null);
            return new PlacedSection(
                    section,
                    at.reach().name(),
                    at.written().id(),
                    at.inner(),
                    standing.hashOf(at.written().id()),
                    at.pages(edition(), page),
                    lineage.name(),
                    origin,
                    Legibility.of(edition(), section).orElse(null));
        }

        private Edition edition() {
            return standing.working();
        }
    }

    private static MenuPlace menuPlace(Edition edition, Menu menu, Page page) {
        Optional<Line> line = menu.lineTo(page.id());
        String above = line.flatMap(l -> menu.above(l.id()))
                .flatMap(l -> l.link().pageId())
                .flatMap(edition::page)
                .map(Page::menuLabel)
                .orElse("");
        return new MenuPlace(menu.id(), menu.name(), line.isPresent(), above);
    }

    private static List<LinkFrom> linksIn(Edition edition, Page page) {
        return edition.inbound().pagesTo(page.id()).stream()
                .map(id -> new LinkFrom(id, edition.find(id).map(Item::name).orElse(id)))
                .toList();
    }
}
