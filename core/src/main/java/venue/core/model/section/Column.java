package venue.core.model.section;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;

/** A column of a section, {@code span} twelfths wide (1 to 12), with its elements top to bottom and the settings of {@link ColumnSettings}. */
public record Column(String id, int span, List<Element> elements, Map<String, Value> settings) {

    private static final int WHOLE = 12;

    public Column {
        elements = elements == null ? List.of() : List.copyOf(elements);
        settings = Values.copy(settings);
        if (span < 1 || span > WHOLE) {
            throw Refusal.badInput(
                    "bad-span", "span", "A column is " + span + " twelfths wide.", "Give 1 to 12 twelfths.");
        }
    }

    /** A column as it stands on the section's own ground. */
    public Column(String id, int span, List<Element> elements) {
        this(id, span, elements, Map.of());
    }

    public Column withElements(List<Element> changed) {
        return new Column(id, span, changed, settings);
    }

    public Column withSpan(int twelfths) {
        return new Column(id, twelfths, elements, settings);
    }

    Column with(String key, @Nullable Value value) {
        return new Column(id, span, elements, Values.with(settings, key, value));
    }

    Column map(UnaryOperator<Element> change) {
        return withElements(elements.stream().map(change).toList());
    }
}
