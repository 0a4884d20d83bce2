package venue.server.page;

import java.util.List;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Everywhere;
import venue.core.edition.edition.Lineage;
import venue.core.edition.edition.SectionPlace;
import venue.core.edition.edition.Sides;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.show.legibility.Legibility;
import venue.core.sort.ReachedPages;
import venue.server.page.PageDetail.PlacedSection;
import venue.server.page.PageDetail.ZoneDetail;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** The page's sections as its screen shows them. */
record ShownSections(Workspace workspace, Standing standing, Page page) {

    List<ZoneDetail> zones() {
        Template worn = edition().worn(page).template();
        Sides sides = Sides.of(edition(), page, worn);
        return worn.zones().stream()
                .map(z -> new ZoneDetail(z.key(), z.name(), sides.place(worn, z), z.accepts(), fixed(worn, z), own(z)))
                .toList();
    }

    List<PlacedSection> everywhere() {
        return Everywhere.on(edition(), page)
                .flatMap(s -> SectionPlace.everywhere(edition(), s.id()).stream())
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
                .map(s -> placed(SectionPlace.own(edition(), page, page.zones().require(s.id()))))
                .toList();
    }

    private PlacedSection placed(SectionPlace at) {
        Section section = at.content();
        Lineage lineage = at.reach() == SectionPlace.Reach.HERE
                ? Lineage.of(edition(), section, workspace.archive()::find)
                : Lineage.OWN;
        String origin = section.origin() == null
                ? null
                : edition().find(section.origin().item()).map(Item::name).orElse(null);
        return new PlacedSection(
                section,
                PageDetail.Reaching.valueOf(at.reach().name()),
                new PlacedSection.WrittenAt(
                        at.written().id(),
                        at.inner(),
                        standing.hashOf(at.written().id()),
                        ReachedPages.of(edition(), at.written()).count()),
                new PlacedSection.SectionLineage(lineage, origin),
                Legibility.of(edition(), section).orElse(null),
                PlacedSection.leftOut(section));
    }

    private Edition edition() {
        return standing.working();
    }
}
