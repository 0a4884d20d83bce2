package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** The pages beneath one page, in order, and by the last part of their addresses once that is asked for. */
final class Level {

    private final List<String> ids;
    private volatile @Nullable Map<String, List<String>> bySegment;

    Level(List<String> ids) {
        this.ids = Collections.unmodifiableList(ids);
    }

    List<String> ids() {
        return ids;
    }

    /** The pages whose address ends so; one, unless two have been given the same. */
    List<String> called(String segment, UnaryOperator<String> segmentOf) {
        Map<String, List<String>> known = bySegment;
        if (known == null) {
            Map<String, List<String>> made = new HashMap<>();
            ids.forEach(id -> made.computeIfAbsent(segmentOf.apply(id), s -> new ArrayList<>(1))
                    .add(id));
            bySegment = known = made;
        }
        return known.getOrDefault(segment, List.of());
    }
}
