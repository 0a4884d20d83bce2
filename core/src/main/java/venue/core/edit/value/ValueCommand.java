package venue.core.edit.value;

import org.jspecify.annotations.Nullable;
import venue.core.edit.Command;
import venue.core.value.Value;

/** What is done to declared properties, whatever they are of. */
public sealed interface ValueCommand extends Command permits SetValue {
    static ValueCommand setValue(
            String item, @Nullable String section, @Nullable String element, String key, @Nullable Value value) {
        return new SetValue(item, section, element, key, value);
    }
}
