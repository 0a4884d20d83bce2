package venue.server.plan;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.server.here.Here;

/** The plan: all rows at first, then what differs since a step. */
@RestController
@RequestMapping("/api/sites/{site}/plan")
class PlanController {

    private final PlanRows rows;

    PlanController(PlanRows rows) {
        this.rows = rows;
    }

    @GetMapping
    PlanPart plan(Here here, @RequestParam(defaultValue = "-1") long since) {
        return rows.since(here.site(), since);
    }
}
