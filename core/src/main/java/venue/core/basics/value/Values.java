package venue.core.basics.value;

import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Named values, immutable; a key without a value is absent, which means inherited. */
public final class Values {

    private Values() {}

    /** A copy that can't change; an absent map is an empty one. */
    public static Map<String, Value> copy(@Nullable Map<String, Value> values) {
        return values == null ? Map.of() : Map.copyOf(values);
    }

    /** The same values with one set, or taken away when {@code value} is absent. */
    public static Map<String, Value> with(Map<String, Value> values, String key, @Nullable Value value) {
        Map<String, Value> changed = new TreeMap<>(values);
        if (value == null) {
            changed.remove(key);
        } else {
            changed.put(key, value);
        }
        return Map.copyOf(changed);
    }

    /** The text at {@code key}, or an empty one. */
    public static String text(Map<String, Value> values, String key) {
        return values.get(key) instanceof Value.Text text ? text.text() : "";
    }

    public static boolean flag(Map<String, Value> values, String key) {
        return values.get(key) instanceof Value.Flag flag && flag.yes();
    }

    public static Stream<Value.ToFill> toFill(Map<String, Value> values) {
        return values.values().stream().flatMap(Value::toFill);
    }
}
