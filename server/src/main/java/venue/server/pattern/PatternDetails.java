package venue.server.pattern;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.change.rollout.RollOut;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Lineage;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.template.ZoneRole;
import venue.core.show.legibility.Legibility;
import venue.server.here.Here;
import venue.server.page.PageDetail;
import venue.server.page.PageDetail.PlacedSection;
import venue.server.page.PageDetail.ZoneDetail;
import venue.server.pattern.PatternDetail.CopiesOnPage;
import venue.server.pattern.PatternDetail.PatternCopies;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** Gathers what a pattern's screen shows. */
final class PatternDetails {

    private static final int FIRST = 200;

    private final Workspace workspace;
    private final Standing standing;
    private final Edition edition;
    private final Pattern pattern;

    PatternDetails(Here here, String id) {
        workspace = here.workspace();
        standing = here.now();
        edition = standing.working();
        pattern = edition.require(Pattern.class, id);
    }

    PatternDetail detail() {
        List<PlacedSection> sections =
                pattern.sections().stream().map(this::placed).toList();
        return new PatternDetail(
                new PatternDetail.PatternNamed(
                        pattern.id(),
                        standing.hashOf(pattern.id()),
                        pattern.name(),
                        pattern.group(),
                        pattern.note(),
                        pattern.retired()),
                pattern.toFill(),
                List.of(new ZoneDetail(Sectioned.MAIN, "Sections", ZoneRole.MAIN, List.of(), List.of(), sections)));
    }

    private PlacedSection placed(Section section) {
        return new PlacedSection(
                section,
                PageDetail.Reaching.PATTERN,
                new PlacedSection.WrittenAt(pattern.id(), section.id(), standing.hashOf(pattern.id()), 0),
                new PlacedSection.SectionLineage(Lineage.OWN, null),
                Legibility.of(edition, section).orElse(null),
                PlacedSection.leftOut(section));
    }

    PatternCopies copies() {
        RollOut rollOut = new RollOut(edition, pattern, workspace.desk().archive(), standing.hashOf(pattern.id()));
        List<RollOut.Row> rows = rollOut.rows();
        List<CopiesOnPage> pages = rows.stream()
                .map(r -> onPage(r.page(), rollOut.lineages(Stream.of(r))))
                .toList();
        return new PatternCopies(
                pages.stream().mapToLong(CopiesOnPage::inStep).sum(),
                pages.stream().mapToLong(CopiesOnPage::behind).sum(),
                pages.stream().mapToLong(CopiesOnPage::adapted).sum(),
                (int) rows.stream().filter(RollOut.Row::isOpen).count(),
                pages.size(),
                pages.stream()
                        .sorted(Comparator.comparing(p -> p.behind() + p.adapted() == 0))
                        .limit(FIRST)
                        .toList());
    }

    private CopiesOnPage onPage(Page page, Map<Lineage, Long> counted) {
        return new CopiesOnPage(
                page.id(),
                page.title(),
                edition.servedAt(page),
                counted.getOrDefault(Lineage.IN_STEP, 0L),
                counted.getOrDefault(Lineage.BEHIND, 0L),
                counted.getOrDefault(Lineage.ADAPTED, 0L));
    }
}
