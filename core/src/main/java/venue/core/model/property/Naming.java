package venue.core.model.property;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import venue.core.basics.value.Value;

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
            PropertyType.FONT,
            PropertyType.PAGE,
            PropertyType.ENTRY,
            PropertyType.TOPIC,
            PropertyType.KIND,
            PropertyType.MENU,
            PropertyType.GROUP,
            PropertyType.FORM,
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

    /**
     * The values with another in place of each that names something; an empty answer takes it away, and with it a group and a list
     * that hold nothing any more.
     */
    public static Map<String, Value> mapped(
            List<Property> declared, Map<String, Value> values, BiFunction<Property, String, Optional<Value>> change) {
        Map<String, Value> mapped = new TreeMap<>(values);
        for (Property property : declared) {
            Value value = TYPES.contains(property.type()) ? values.get(property.key()) : null;
            if (value != null) {
                mapped(property, value, change)
                        .ifPresentOrElse(v -> mapped.put(property.key(), v), () -> mapped.remove(property.key()));
            }
        }
        return Map.copyOf(mapped);
    }

    /** The same for the value of one property. */
    public static Optional<Value> mapped(
            Property property, Value value, BiFunction<Property, String, Optional<Value>> change) {
        if (value instanceof Value.Many many) {
            List<Map<String, Value>> groups = many.groups().stream()
                    .map(g -> g.isEmpty() ? g : mapped(property.entries(), g, change))
                    .toList();
            List<Map<String, Value>> left = IntStream.range(0, groups.size())
                    .filter(i ->
                            !groups.get(i).isEmpty() || many.groups().get(i).isEmpty())
                    .mapToObj(groups::get)
                    .toList();
            return left.isEmpty() && !groups.isEmpty() ? Optional.empty() : Optional.of(new Value.Many(left));
        }
        boolean names = TYPES.contains(property.type())
                && value instanceof Value.Text text
                && !text.text().isEmpty();
        return names ? change.apply(property, ((Value.Text) value).text()) : Optional.of(value);
    }
}
