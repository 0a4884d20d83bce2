package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Where pages stand before and after a change: lists of them in which those that moved are put where they stand now. */
record SpotsMoved(Layered<Spot> before, Layered<Spot> after) {

    /** A level once the pages that moved have left it or come; absent where none stands in it. */
    @Nullable
    Level level(@Nullable Level was, String above, Set<String> moved) {
        List<String> stand = placed(was == null ? List.of() : was.ids(), moved, Spot::above, above);
        return stand.isEmpty()
                ? null
                : Level.after(was, stand, segments(before, above, moved), segments(after, above, moved));
    }

    private static Map<String, String> segments(Layered<Spot> spots, String above, Set<String> ids) {
        Map<String, String> segments = new HashMap<>();
        for (String id : ids) {
            Spot spot = spots.get(id);
            if (spot != null && spot.above().equals(above)) {
                segments.put(id, spot.segment());
            }
        }
        return segments;
    }

    /** A list in which some ids are taken out, and those put back that belong to a place, where they stand now. */
    List<String> placed(List<String> list, Set<String> moved, Function<Spot, String> where, String place) {
        List<String> placed = new ArrayList<>(list.size() + moved.size());
        placed.addAll(list);
        for (String id : moved) {
            int at = before.has(id) ? Collections.binarySearch(placed, id, byPosition(before)) : -1;
            if (at >= 0) {
                placed.remove(at);
            }
        }
        for (String id : moved) {
            Spot spot = after.get(id);
            if (spot != null && where.apply(spot).equals(place)) {
                int at = Collections.binarySearch(placed, id, byPosition(after));
                placed.add(at < 0 ? -at - 1 : at, id);
            }
        }
        return placed;
    }

    private static Comparator<String> byPosition(Layered<Spot> spots) {
        return Comparator.comparingLong(
                        (String id) -> Objects.requireNonNull(spots.get(id)).position())
                .thenComparing(Comparator.naturalOrder());
    }
}
