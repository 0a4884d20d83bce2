package venue.core.edition.merge;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * A tree with everything that carries an id lifted into one table, so that a move is seen as a move. Ids within a section
 * are its own, so their keys begin with the section's.
 */
record Hoisted(Object root, Map<String, Object> table) {

    static Hoisted of(Object tree) {
        Map<String, Object> table = new TreeMap<>();
        Object root = lift(tree, "", table);
        return new Hoisted(root, table);
    }

    private static Object lift(Object value, String scope, Map<String, Object> table) {
        if (value instanceof Map<?, ?> map) {
            String within = map.containsKey("columns") && map.get("id") instanceof String id ? id + "/" : scope;
            Map<String, Object> lifted = new TreeMap<>();
            map.forEach((key, inner) -> {
                if (inner != null) {
                    lifted.put(String.valueOf(key), lift(inner, within, table));
                }
            });
            return lifted;
        }
        if (value instanceof List<?> list && areKnown(list)) {
            List<String> ids = new ArrayList<>();
            for (Object entry : list) {
                String key = scope + id(entry);
                ids.add(key);
                table.put(key, lift(entry, scope, table));
            }
            return new IdList(ids);
        }
        return value;
    }

    /** Whether each entry of a list is known by something of its own. */
    private static boolean areKnown(List<?> list) {
        Set<String> ids = new HashSet<>();
        return !list.isEmpty() && list.stream().map(Hoisted::id).allMatch(id -> id != null && ids.add(id));
    }

    /** What an entry of a list is known by: its id, its key, or the section that it places. */
    private static @Nullable String id(Object entry) {
        if (!(entry instanceof Map<?, ?> map)) {
            return null;
        }
        if (map.get("id") instanceof String id) {
            return id;
        }
        if (map.get("key") instanceof String key) {
            return "key:" + key;
        }
        return map.get("section") instanceof Map<?, ?> placed && placed.get("id") instanceof String id
                ? "placed:" + id
                : null;
    }

    /** The plain tree again; a part that came to stand in two places stays in the first. */
    Object lowered() {
        return lower(root, new HashSet<>());
    }

    private Object lower(Object value, Set<String> placed) {
        if (value instanceof Map<?, ?> map) {
            Map<String, Object> lowered = new LinkedHashMap<>();
            map.forEach((key, inner) -> lowered.put(String.valueOf(key), lower(Objects.requireNonNull(inner), placed)));
            return lowered;
        }
        if (value instanceof IdList list) {
            List<Object> entries = new ArrayList<>();
            for (String id : list.ids()) {
                Object entry = table.get(id);
                if (entry != null && placed.add(id)) {
                    entries.add(lower(entry, placed));
                }
            }
            return entries;
        }
        return value;
    }
}
