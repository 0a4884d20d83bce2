package venue.server.page;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.item.Item;
import venue.core.change.edit.Rights;
import venue.core.edition.edition.Beneath;
import venue.core.edition.edition.Branch;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.FramePart;
import venue.core.edition.edition.Gates;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.edition.PageFacts;
import venue.core.edition.edition.PageState;
import venue.core.edition.edition.Sides;
import venue.core.edition.edition.Worn;
import venue.core.live.appearing.Appearing;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.show.render.Head;
import venue.server.here.Here;
import venue.server.page.PageDetail.LastChange;
import venue.server.page.PageDetail.LinkFrom;
import venue.server.page.PageDetail.MenuPlace;
import venue.server.plan.GateTold;
import venue.server.signin.People;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** Gathers what a page's screen shows. */
@Component
class PageDetails {

    private final People people;

    PageDetails(People people) {
        this.people = people;
    }

    PageDetail of(Here here, Page page) {
        Standing standing = here.now();
        ShownSections sections = new ShownSections(here.workspace(), standing, page);
        return new PageDetail(
                head(standing, page),
                stands(here, page),
                gate(standing.working(), page),
                wears(here, page),
                written(standing.working(), page),
                new PageDetail.PageSections(
                        sections.zones(),
                        sections.everywhere(),
                        FramePart.lackedBy(standing.working(), page),
                        Sides.unseen(standing.working(), page),
                        page.shelf(),
                        standing.working().toFill(page)),
                around(standing, page));
    }

    private static PageDetail.PageHead head(Standing standing, Page page) {
        return new PageDetail.PageHead(
                page.id(),
                standing.hashOf(page.id()),
                page.title(),
                page.segment(),
                page.parent(),
                page.kind(),
                standing.working().kindOf(page).map(Kind::name).orElse(page.kind()));
    }

    private PageDetail.PageStands stands(Here here, Page page) {
        Standing standing = here.now();
        Optional<Page> live = standing.live().page(page.id());
        return new PageDetail.PageStands(
                standing.working().servedAt(page),
                live.map(standing.live()::servedAt).orElse(""),
                standing.working().isHome(page),
                PageState.of(standing.working(), standing.live(), page),
                page.withdrawn(),
                lastChange(here.workspace(), page),
                standing.release());
    }

    private static PageDetail.PageGate gate(Edition working, Page page) {
        Gates gates = Gates.of(working);
        List<Page> beneath = working.plan()
                .subtree(page.id())
                .skip(1)
                .flatMap(id -> working.page(id).stream())
                .toList();
        int otherwise = (int) beneath.stream()
                .filter(p -> !gates.of(p).gate().equals(gates.of(page).gate()))
                .count();
        return new PageDetail.PageGate(GateTold.of(working, page), beneath.size(), otherwise);
    }

    private static PageDetail.PageWears wears(Here here, Page page) {
        Edition working = here.working();
        Worn worn = working.worn(page);
        return new PageDetail.PageWears(
                worn.template().id(),
                worn.source(),
                worn.template().options(),
                Rights.mayChange(here.role(), working, page),
                Beneath.of(working, page).map(h -> holds(h, page)).orElse(null));
    }

    private static PageDetail.PageWritten written(Edition working, Page page) {
        return new PageDetail.PageWritten(
                Head.searchTitle(working.site(), page, working.isHome(page)),
                Head.description(working, page),
                page.fields(),
                working.kindOf(page).map(Kind::fields).orElse(List.of()),
                page.settings());
    }

    private static PageDetail.PageAround around(Standing standing, Page page) {
        Edition working = standing.working();
        return new PageDetail.PageAround(
                working.menus().stream().map(m -> menuPlace(working, m, page)).toList(),
                Appearing.of(working, standing.live(), page),
                linksIn(working, page),
                linksTo(working, page),
                linksOut(working.facts(page)),
                standing.live()
                        .page(page.id())
                        .map(p -> String.valueOf(standing.changed().get(p.id())))
                        .orElse(null),
                standing.survey().about(page.id()));
    }

    private static int linksOut(PageFacts facts) {
        return facts.leads().pages().size() + facts.leads().elsewhere().size();
    }

    private @Nullable LastChange lastChange(Workspace workspace, Page page) {
        return workspace
                .journal()
                .lastOf(workspace.site(), page.id())
                .map(l -> new LastChange(people.nameOf(l.who()), l.at(), l.name()))
                .orElse(null);
    }

    private static PageDetail.HoldsWords holds(Beneath holds, Page page) {
        Item by = holds.by();
        String type = ItemSort.of(by).noun();
        return new PageDetail.HoldsWords(holds.kinds(), by.id().equals(page.id()), by.name(), type);
    }

    private static MenuPlace menuPlace(Edition edition, Menu menu, Page page) {
        Optional<Line> line = menu.lineTo(page.id());
        Optional<Line> follows = line.isPresent() ? Optional.empty() : Branch.over(edition, menu, page.id());
        String above = line.flatMap(l -> menu.above(l.id()))
                .or(() -> follows)
                .map(l -> l.words(edition::page))
                .orElse("");
        return new MenuPlace(menu.id(), menu.name(), line.isPresent(), follows.isPresent(), above);
    }

    private static List<LinkFrom> linksTo(Edition edition, Page page) {
        return edition.facts(page).leads().pages().stream()
                .flatMap(id -> edition.page(id).stream())
                .map(p -> new LinkFrom(p.id(), p.title()))
                .sorted(Comparator.comparing(LinkFrom::name))
                .toList();
    }

    private static List<LinkFrom> linksIn(Edition edition, Page page) {
        return edition.inbound().pagesTo(page.id()).stream()
                .map(id -> new LinkFrom(id, edition.find(id).map(Item::name).orElse(id)))
                .toList();
    }
}
