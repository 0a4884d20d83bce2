package venue.core.change.edit.value;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;

/** What is done to declared properties, whatever they are of. */
public sealed interface ValueCommand extends Command permits SetValue, SetValues, AsTheme {
    static ValueCommand asTheme(String item, String section) {
        return new AsTheme(item, section);
    }

    static ValueCommand setValues(String item, Map<String, Value> values, List<String> reset) {
        return new SetValues(item, values, reset);
    }

    static ValueCommand setValue(
            String item, @Nullable String section, @Nullable String element, String key, @Nullable Value value) {
        return new SetValue(item, section, null, element, key, value);
    }

    static ValueCommand setColumnValue(String item, String section, String column, String key, @Nullable Value value) {
        return new SetValue(item, section, column, null, key, value);
    }
}
