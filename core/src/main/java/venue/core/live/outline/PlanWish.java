package venue.core.live.outline;

import java.util.Map;
import java.util.Optional;

/**
 * What a row asks of the plan.
 *
 * @param number of the row, from 1
 * @param cells by column; of a column that is not there nothing is asked
 */
public record PlanWish(int number, Map<Column, String> cells) {

    public PlanWish {
        cells = Map.copyOf(cells);
    }

    Optional<String> cell(Column column) {
        return Optional.ofNullable(cells.get(column));
    }

    /** What stands in a cell, if anything does. */
    Optional<String> said(Column column) {
        return cell(column).filter(words -> !words.isEmpty());
    }
}
