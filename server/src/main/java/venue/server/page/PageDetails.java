package venue.server.page;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.edition.Edition;
import venue.core.edition.Lineage;
import venue.core.edition.PageState;
import venue.core.edition.Worn;
import venue.core.item.Item;
import venue.core.kind.Kind;
import venue.core.legibility.Legibility;
import venue.core.menu.Line;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.render.Head;
import venue.core.section.Section;
import venue.core.template.Template;
import venue.core.template.Zone;
import venue.server.page.PageDetail.FixedSection;
import venue.server.page.PageDetail.LastChange;
import venue.server.page.PageDetail.LinkFrom;
import venue.server.page.PageDetail.MenuPlace;
import venue.server.page.PageDetail.OwnSection;
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

    PageDetail of(Workspace workspace, Page page) {
        Standing standing = workspace.now();
        Edition working = standing.working();
        Worn worn = working.worn(page);
        Optional<Page> live = standing.live().page(page.id());
        Optional<Kind> kind = working.kindOf(page);
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
                Head.description(page),
                page.fields(),
                kind.map(Kind::fields).orElse(List.of()),
                page.settings(),
                zones(workspace, working, page, worn.template()),
                page.shelf(),
                working.facts(page).places(),
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

    private static List<ZoneDetail> zones(Workspace workspace, Edition edition, Page page, Template template) {
        long wearing = edition.all(Page.class)
                .filter(p -> edition.worn(p).template().id().equals(template.id()))
                .count();
        return template.zones().stream()
                .map(z -> zone(workspace, edition, page, template, z, wearing))
                .toList();
    }

    private static ZoneDetail zone(
            Workspace workspace, Edition edition, Page page, Template template, Zone zone, long wearing) {
        List<FixedSection> fixed = zone.fixed().stream()
                .map(s -> new FixedSection(s.id(), s.name(), template.name(), wearing))
                .toList();
        List<OwnSection> own = page.zones().in(zone.key()).stream()
                .map(s -> own(workspace, edition, s))
                .toList();
        return new ZoneDetail(zone.key(), zone.name(), zone.role().name(), fixed, own);
    }

    private static OwnSection own(Workspace workspace, Edition edition, Section section) {
        Lineage lineage = Lineage.of(edition, section, workspace::past);
        String origin = section.origin() == null
                ? null
                : edition.find(section.origin().item()).map(Item::name).orElse(null);
        return new OwnSection(
                section, lineage.name(), origin, Legibility.of(edition, section).orElse(null));
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
