package venue.core.body.listing;

import java.util.List;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** What a field holds, as words that can be compared, chosen by and counted. */
public final class Held {

    private Held() {}

    /** One for each thing that it holds; none for a place to fill. */
    public static List<String> words(Value value) {
        if (value instanceof Value.Text text) {
            return text.text().isBlank() ? List.of() : List.of(text.text());
        }
        if (value instanceof Value.Num num) {
            return List.of(num.number().toPlainString());
        }
        if (value instanceof Value.Flag flag) {
            return List.of(flag.yes() ? "yes" : "no");
        }
        return value instanceof Value.Many many
                ? many.groups().stream()
                        .flatMap(g -> g.values().stream())
                        .flatMap(v -> words(v).stream())
                        .toList()
                : List.of();
    }

    /** The type of each thing that a field holds. */
    public static PropertyType typeOf(Property field) {
        return field.type() == PropertyType.MANY && field.entries().size() == 1
                ? field.entries().get(0).type()
                : field.type();
    }

    /** The declaration of each thing that a field holds. */
    public static Property each(Property field) {
        return field.type() == PropertyType.MANY && field.entries().size() == 1
                ? field.entries().get(0)
                : field;
    }
}
