package venue.core.check.survey;

import java.util.function.Consumer;
import venue.core.basics.value.Value;

/** The words of a value, however deep. */
final class Said {

    private Said() {}

    static void in(Value value, Consumer<String> found) {
        if (value instanceof Value.Text text) {
            found.accept(text.text());
        } else if (value instanceof Value.Many many) {
            many.groups().forEach(group -> group.values().forEach(v -> in(v, found)));
        }
    }
}
