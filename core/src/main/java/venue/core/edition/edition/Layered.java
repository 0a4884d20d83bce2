package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * An immutable map that is read far more often than it is changed: a large ground that many maps share, and over it the few
 * entries that differ. A change copies those few; when they are many, they become a ground of their own. Reading costs two
 * look-ups in hash tables, a half to a third of what a persistent tree costs here.
 */
final class Layered<V> {

    private static final int MOST_OVER = 256;

    private final Map<String, V> ground;
    /** What differs from the ground; a null for what is not there any more. */
    private final Map<String, @Nullable V> over;

    private final int size;

    private Layered(Map<String, V> ground, Map<String, @Nullable V> over, int size) {
        this.ground = ground;
        this.over = over;
        this.size = size;
    }

    static <V> Layered<V> of(Map<String, V> entries) {
        return new Layered<>(new HashMap<>(entries), Map.of(), entries.size());
    }

    @Nullable
    V get(String key) {
        if (!over.isEmpty()) {
            V found = over.get(key);
            if (found != null || over.containsKey(key)) {
                return found;
            }
        }
        return ground.get(key);
    }

    boolean has(String key) {
        return get(key) != null;
    }

    int size() {
        return size;
    }

    /** The map with some entries put in, and those with a null taken out. */
    Layered<V> with(Map<String, @Nullable V> changes) {
        if (over.size() + changes.size() > MOST_OVER) {
            return of(all(changes));
        }
        Map<String, @Nullable V> more = new HashMap<>(over);
        int count = size;
        for (Map.Entry<String, @Nullable V> change : changes.entrySet()) {
            count += (change.getValue() == null ? 0 : 1) - (has(change.getKey()) ? 1 : 0);
            more.put(change.getKey(), change.getValue());
        }
        return new Layered<>(ground, more, count);
    }

    private Map<String, V> all(Map<String, @Nullable V> changes) {
        Map<String, V> all = new HashMap<>(ground);
        lay(all, over);
        lay(all, changes);
        return all;
    }

    private static <V> void lay(Map<String, V> all, Map<String, @Nullable V> layer) {
        layer.forEach((key, value) -> {
            if (value == null) {
                all.remove(key);
            } else {
                all.put(key, value);
            }
        });
    }

    List<V> values() {
        if (over.isEmpty()) {
            return List.copyOf(ground.values());
        }
        List<V> values = new ArrayList<>(size);
        ground.forEach((key, value) -> {
            if (!over.containsKey(key)) {
                values.add(value);
            }
        });
        over.values().forEach(value -> {
            if (value != null) {
                values.add(value);
            }
        });
        return values;
    }
}
