package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import org.jspecify.annotations.Nullable;

/** The pages beneath one page, in order, and by the last part of their addresses once that is asked for. */
final class Level {

    private final List<String> ids;
    private volatile @Nullable PersistentMap<String, List<String>> bySegment;

    Level(List<String> ids) {
        this.ids = Collections.unmodifiableList(ids);
    }

    List<String> ids() {
        return ids;
    }

    /**
     * The level after a change; what is known of its segments is carried on.
     *
     * @param was absent where there was none
     * @param left the segments of pages that were here, by id; those of them that stay came, too
     */
    static Level after(@Nullable Level was, List<String> idsNow, Map<String, String> left, Map<String, String> came) {
        Level later = new Level(idsNow);
        PersistentMap<String, List<String>> known = was == null ? null : was.bySegment;
        if (known != null) {
            PersistentMap.Builder<String, List<String>> now = known.builder();
            left.forEach((id, segment) -> {
                List<String> rest = new ArrayList<>(now.getOrDefault(segment, List.of()));
                rest.remove(id);
                if (rest.isEmpty()) {
                    now.remove(segment);
                } else {
                    now.put(segment, rest);
                }
            });
            came.forEach((id, segment) -> {
                List<String> more = new ArrayList<>(now.getOrDefault(segment, List.of()));
                more.add(id);
                now.put(segment, more);
            });
            later.bySegment = now.build();
        }
        return later;
    }

    /** The pages whose address ends so; one, unless two have been given the same. */
    List<String> called(String segment, UnaryOperator<String> segmentOf) {
        PersistentMap<String, List<String>> known = bySegment;
        if (known == null) {
            Map<String, List<String>> made = new HashMap<>();
            ids.forEach(id -> made.computeIfAbsent(segmentOf.apply(id), s -> new ArrayList<>(1))
                    .add(id));
            bySegment = known = ExtensionsKt.toPersistentHashMap(made);
        }
        return known.getOrDefault(segment, List.of());
    }
}
