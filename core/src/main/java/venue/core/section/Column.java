package venue.core.section;

import java.util.List;
import java.util.function.UnaryOperator;
import venue.core.fault.Refusal;

/** A column of a section, {@code span} twelfths wide (1 to 12), with its elements top to bottom. */
public record Column(String id, int span, List<Element> elements) {

    private static final int WHOLE = 12;

    public Column {
        elements = elements == null ? List.of() : List.copyOf(elements);
        if (span < 1 || span > WHOLE) {
            throw Refusal.badInput(
                    "bad-span", "span", "A column is " + span + " twelfths wide.", "Give 1 to 12 twelfths.");
        }
    }

    public Column withElements(List<Element> changed) {
        return new Column(id, span, changed);
    }

    Column map(UnaryOperator<Element> change) {
        return withElements(elements.stream().map(change).toList());
    }
}
