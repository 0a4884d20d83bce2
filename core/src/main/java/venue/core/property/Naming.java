package venue.core.property;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import venue.core.value.Value;

/**
 * The one walk over values that name something else, each by the type that is declared of it, within lists too. Texts that
 * only look like an id or a link name nothing.
 */
public final class Naming {

    private static final Set<PropertyType> TYPES = EnumSet.of(
            PropertyType.RICH,
            PropertyType.LINK,
            PropertyType.PICTURE,
            PropertyType.FILE,
            PropertyType.PAGE,
            PropertyType.KIND,
            PropertyType.MANY);

    private Naming() {}

    /** Tells {@code found} of every value that names something, and of the property that declares how. */
    public static void each(List<Property> declared, Map<String, Value> values, BiConsumer<Property, String> found) {
        if (values.isEmpty()) {
            return;
        }
        for (Property property : declared) {
            Value value = TYPES.contains(property.type()) ? values.get(property.key()) : null;
            if (value != null) {
                each(property, value, found);
            }
        }
    }

    /** The same for the value of one property. */
    public static void each(Property property, Value value, BiConsumer<Property, String> found) {
        if (value instanceof Value.Many many) {
            many.groups().forEach(g -> each(property.entries(), g, found));
        } else if (TYPES.contains(property.type())
                && value instanceof Value.Text text
                && !text.text().isEmpty()) {
            found.accept(property, text.text());
        }
    }
}
