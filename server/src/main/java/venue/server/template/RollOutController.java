package venue.server.template;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.change.rollout.RollOut;
import venue.core.change.rollout.Strand;
import venue.core.edition.compare.Compared;
import venue.core.edition.edition.Edition;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** What carrying a template's or pattern's changes to the pages with copies would do; nothing is changed. */
@RestController
@RequestMapping("/api/sites/{site}/roll-outs/{item}")
class RollOutController {

    /**
     * One section of a template or pattern on one page.
     *
     * @param change the section of the template or pattern
     * @param key what a choice for it is given under
     * @param state {@code DONE}, {@code FOLLOWS}, {@code MERGES}, {@code COMES}, {@code GOES}, {@code LEFT},
     *     {@code WITHOUT}, {@code ASKS}
     * @param mine its words as the page has them; nothing for one that would come
     * @param theirs its words as they would be when it follows; nothing for one that would go
     */
    record RollOutCell(String change, String key, Strand.State state, List<String> mine, List<String> theirs) {}

    /** A page and its cells. */
    record RollOutRow(String page, String title, String address, boolean alone, List<RollOutCell> cells) {}

    /** Changes of a template or pattern against the pages that hold copies. */
    record RollOutTable(String name, List<RollOut.Carried> changes, List<RollOutRow> rows, int done) {}

    @GetMapping
    RollOutTable rollOut(Here here, @PathVariable String item) {
        Standing standing = here.now();
        Edition edition = standing.working();
        Sectioned origin = edition.require(Sectioned.class, item);
        RollOut rollOut = new RollOut(edition, origin, here.workspace().archive(), standing.hashOf(item));
        List<RollOut.Row> rows = rollOut.rows();
        List<RollOut.Carried> changes = rollOut.changes(rows);
        List<String> open = changes.stream().map(RollOut.Carried::section).toList();
        List<RollOutRow> shown = rows.stream()
                .filter(r -> r.strands().stream().anyMatch(s -> open.contains(s.origin())))
                .map(r -> row(edition, r, open))
                .toList();
        return new RollOutTable(origin.name(), changes, shown, rows.size() - shown.size());
    }

    private static RollOutRow row(Edition edition, RollOut.Row row, List<String> open) {
        return new RollOutRow(
                row.page().id(),
                row.page().title(),
                edition.servedAt(row.page()),
                venue.core.model.page.PageSettings.isLeftAlone(row.page()),
                row.strands().stream()
                        .filter(s -> open.contains(s.origin()))
                        .map(RollOutController::cell)
                        .toList());
    }

    private static RollOutCell cell(Strand strand) {
        return new RollOutCell(
                strand.origin(), strand.key(), strand.state(), words(strand.now()), words(strand.then()));
    }

    private static List<String> words(@Nullable Section section) {
        return section == null ? List.of() : Compared.words(section);
    }
}
