package venue.server.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspaces;

/** The plan: all rows at first, then what differs since a step. */
@RestController
@RequestMapping("/api/sites/{site}/plan")
class PlanController {

    private final Workspaces workspaces;
    private final PlanRows rows;

    PlanController(Workspaces workspaces, PlanRows rows) {
        this.workspaces = workspaces;
        this.rows = rows;
    }

    /**
     * Rows of the plan.
     *
     * @param whole whether these are all rows; else only those that differ since the step asked about
     * @param order ids in reading order; absent when the order is as it was
     */
    record PlanPart(
            long step,
            boolean whole,
            List<PlanRow> rows,
            @Nullable List<String> order) {}

    @GetMapping
    PlanPart plan(@PathVariable String site, @RequestParam(defaultValue = "-1") long since) {
        Standing standing = workspaces.require(site).now();
        Map<String, PlanRow> now = rows.of(site, standing);
        List<String> order = List.copyOf(now.keySet());
        Optional<Map<String, PlanRow>> then = rows.then(site, since);
        if (then.isEmpty()) {
            return new PlanPart(standing.step(), true, List.copyOf(now.values()), order);
        }
        List<PlanRow> changed = now.values().stream()
                .filter(r -> !r.equals(then.get().get(r.id())))
                .toList();
        boolean sameOrder = List.copyOf(then.get().keySet()).equals(order);
        return new PlanPart(standing.step(), false, changed, sameOrder ? null : order);
    }
}
