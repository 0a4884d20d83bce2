package venue.server.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Words;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.live.outline.Outline;
import venue.core.live.outline.PlanReading;
import venue.core.live.outline.PlanTable;
import venue.core.live.outline.PlanWish;
import venue.server.here.Here;
import venue.store.workspace.Done;

/** The plan as a table (CSV) and as an indented list. What is read is looked at before any of it is done. */
@RestController
@RequestMapping("/api/sites/{site}/plan/table")
class PlanTableController {

    private static final int MOST = 500;

    /** RFC 4180, UTF-8, with a heading. */
    @GetMapping
    ResponseEntity<String> csv(Here here) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8;header=present"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"plan.csv\"")
                .body(PlanTable.csv(here.working(), here.now().live()));
    }

    /**
     * A table or a list, as it was written or pasted.
     *
     * @param list whether it is an indented list of titles, with a kind behind a {@code |} where one is meant
     * @param parent for a list: the page beneath which all of them stand; absent for the top
     * @param kind for a list: the kind of those that name none; absent for the one offered first there
     */
    record PlanGiven(
            String text,
            boolean list,
            @Nullable String parent,
            @Nullable String kind) {}

    /**
     * What it would do.
     *
     * @param counts how many rows do what
     * @param rows the first 500, those that are refused before all others and those that change nothing after all others
     */
    record PlanRead(Map<PlanReading.Does, Long> counts, List<PlanReading.PlanRowRead> rows) {}

    @PostMapping("/read")
    PlanRead read(Here here, @RequestBody PlanGiven given) {
        List<PlanReading.PlanRowRead> rows = reading(here, given).rows();
        Map<PlanReading.Does, Long> counts =
                rows.stream().collect(Collectors.groupingBy(PlanReading.PlanRowRead::does, Collectors.counting()));
        List<PlanReading.PlanRowRead> told = rows.stream()
                .sorted(Comparator.comparingInt((PlanReading.PlanRowRead r) -> rank(r.does()))
                        .thenComparingInt(PlanReading.PlanRowRead::number))
                .limit(MOST)
                .toList();
        return new PlanRead(counts, told);
    }

    private static int rank(PlanReading.Does does) {
        return switch (does) {
            case REFUSED -> 0;
            case NOTHING -> 2;
            default -> 1;
        };
    }

    /** Does all of it but the rows that are refused, as one step. */
    @PostMapping("/take")
    Done take(Here here, @RequestBody PlanGiven given) {
        PlanReading.Read read = reading(here, given);
        if (read.commands().isEmpty()) {
            throw Refusal.badInput(
                    "nothing-to-do", "text", "These rows change nothing.", "Change a cell, or add a row.");
        }
        long rows = read.rows().stream()
                .map(PlanReading.PlanRowRead::does)
                .filter(d -> rank(d) == 1)
                .count();
        return here.run(WholeCommand.together("take in " + Words.count(rows, "row") + " of the plan", read.commands()));
    }

    private static PlanReading.Read reading(Here here, PlanGiven given) {
        String text = given.text() == null ? "" : given.text();
        List<PlanWish> wishes =
                given.list() ? Outline.read(here.working(), text, given.parent(), given.kind()) : PlanTable.read(text);
        return PlanReading.of(here.workspace().desk(here.role()), wishes);
    }
}
