package venue.server.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Rows of the plan.
 *
 * @param whole whether these are all rows; else only those that differ since the step asked about
 * @param order ids in reading order; absent when the order is as it was
 */
public record PlanPart(
        long step,
        boolean whole,
        List<PlanRow> rows,
        @Nullable List<String> order) {}
