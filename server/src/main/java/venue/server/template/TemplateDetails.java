package venue.server.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import venue.core.body.glyph.Glyph;
import venue.core.change.rollout.RollOut;
import venue.core.change.rollout.Strand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Lineage;
import venue.core.edition.edition.Worn;
import venue.core.edition.usage.FieldUse;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.template.FrameSettings;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.show.legibility.Legibility;
import venue.server.here.Here;
import venue.server.page.PageDetail;
import venue.server.page.PageDetail.PlacedSection;
import venue.server.page.PageDetail.ZoneDetail;
import venue.server.template.TemplateDetail.Copies;
import venue.server.template.TemplateDetail.KindUse;
import venue.server.template.TemplateDetail.Wearer;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** Gathers what a template's screen shows. */
final class TemplateDetails {

    private static final int FIRST = 100;
    private static final int NAMED = 5;

    private final Workspace workspace;
    private final Standing standing;
    private final Edition edition;
    private final Template template;

    TemplateDetails(Here here, String id) {
        workspace = here.workspace();
        standing = here.now();
        edition = standing.working();
        template = edition.require(Template.class, id);
    }

    TemplateDetail detail() {
        List<Page> wearing = wearing();
        return new TemplateDetail(
                new TemplateDetail.TemplateHead(
                        template.id(),
                        standing.hashOf(template.id()),
                        template.name(),
                        template.note(),
                        template.retired()),
                new TemplateDetail.TemplateFrame(
                        Glyph.of(template), template.frame(), FrameSettings.all(), FieldUse.of(template, wearing)),
                template.zones().stream().map(z -> zone(z, wearing.size())).toList(),
                new TemplateDetail.TemplateWearers(
                        wearing.size(),
                        wearing.stream()
                                .limit(FIRST)
                                .map(p -> new Wearer(p.id(), p.title(), edition.servedAt(p)))
                                .toList(),
                        kinds()));
    }

    private RollOut rollOut() {
        return new RollOut(edition, template, workspace.desk().archive(), standing.hashOf(template.id()));
    }

    private List<Page> wearing() {
        return edition.plan()
                .inOrder()
                .map(id -> edition.require(Page.class, id))
                .filter(p -> edition.worn(p).template().id().equals(template.id()))
                .toList();
    }

    private ZoneDetail zone(Zone zone, long pages) {
        return new ZoneDetail(
                zone.key(),
                zone.name(),
                zone.role(),
                zone.accepts(),
                List.of(),
                zone.sections().stream().map(p -> placed(p, pages)).toList());
    }

    private PlacedSection placed(Zone.Placed placed, long pages) {
        String item = placed.section().sharedFrom().orElse(template.id());
        return new PlacedSection(
                edition.shown(placed.section()),
                placed.fixed() ? PageDetail.Reaching.TEMPLATE : PageDetail.Reaching.STARTER,
                new PlacedSection.WrittenAt(
                        item,
                        placed.section().sharedFrom().isPresent()
                                ? edition.require(venue.core.model.section.SharedSection.class, item)
                                        .section()
                                        .id()
                                : placed.section().id(),
                        standing.hashOf(item),
                        pages),
                new PlacedSection.SectionLineage(Lineage.OWN, null),
                Legibility.of(edition, placed.section()).orElse(null),
                PlacedSection.leftOut(edition.shown(placed.section())));
    }

    private List<KindUse> kinds() {
        Map<String, List<Page>> byKind = edition.all(Page.class).collect(Collectors.groupingBy(Page::kind));
        List<KindUse> uses = new ArrayList<>();
        edition.all(Kind.class)
                .filter(k -> !k.isPageless())
                .sorted(java.util.Comparator.comparing(Kind::name))
                .forEach(k -> uses.add(use(k, byKind.getOrDefault(k.id(), List.of()))));
        return uses;
    }

    private KindUse use(Kind kind, List<Page> pages) {
        long chosen = pages.stream()
                .filter(p -> edition.worn(p).source() == Worn.Source.CHOSEN)
                .count();
        return new KindUse(
                kind.id(),
                kind.name(),
                new KindUse.KindSays(
                        kind.mayWear(template.id()),
                        Worn.ofNew(edition, kind).id().equals(template.id()),
                        Worn.ofNew(edition, kind).id(),
                        kind.templates().isEmpty() ? null : kind.templates()),
                new KindUse.KindWearers(pages.size() - chosen, chosen));
    }

    /** How many sections of the pages that wear it are their own. */
    private int own() {
        return (int) wearing().stream()
                .flatMap(p -> p.body().all())
                .filter(s -> s.origin() == null && s.sharedFrom().isEmpty())
                .count();
    }

    Copies copies() {
        RollOut rollOut = rollOut();
        List<RollOut.Row> rows = rollOut.rows();
        Map<Lineage, Long> counted = rollOut.lineages(rows.stream());
        return new Copies(
                counted.getOrDefault(Lineage.IN_STEP, 0L).intValue(),
                counted.getOrDefault(Lineage.BEHIND, 0L).intValue(),
                counted.getOrDefault(Lineage.ADAPTED, 0L).intValue(),
                own(),
                (int) rows.stream().filter(RollOut.Row::isOpen).count(),
                withSome(rows, Strand.State.COMES),
                withSome(rows, Strand.State.WITHOUT));
    }

    private static int withSome(List<RollOut.Row> rows, Strand.State state) {
        return (int) rows.stream()
                .filter(r -> r.strands().stream().anyMatch(s -> s.state() == state))
                .count();
    }
}
