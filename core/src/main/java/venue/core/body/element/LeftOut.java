package venue.core.body.element;

import java.util.List;
import java.util.Map;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.section.Element;
import venue.core.model.section.Section;

/** What visitors don't see of a section, because nothing is written or chosen in it yet: known by its values alone. */
public final class LeftOut {

    private LeftOut() {}

    /** The elements of a section that are left out. */
    public static List<Element> of(Section section) {
        return section.elements().filter(LeftOut::is).toList();
    }

    /** Whether the section has a heading that somebody wrote, and nothing beneath it that visitors see. */
    public static boolean isHeadingOverNothing(Section section) {
        List<Element> left = of(section);
        return !left.isEmpty()
                && section.elements().anyMatch(e -> isHeading(e) && !left.contains(e))
                && section.elements()
                        .allMatch(e -> isHeading(e) || left.contains(e) || Elements.is(e, ElementKind::isFurniture));
    }

    private static boolean isHeading(Element element) {
        return Elements.is(element, ElementKind::isHeading);
    }

    private static boolean is(Element element) {
        return Elements.find(element.kind())
                .filter(k -> !k.isGathered() && !isAny(k.properties(), element.props()))
                .isPresent();
    }

    private static boolean isAny(List<Property> declared, Map<String, Value> values) {
        return declared.stream().anyMatch(p -> isGiven(p, values.get(p.key())));
    }

    private static boolean isGiven(Property property, @org.jspecify.annotations.Nullable Value value) {
        if (value == null || value instanceof Value.ToFill) {
            return false;
        }
        return switch (property.type()) {
            case WORDS, LINES, RICH, PICTURE, FILE, FOLDER ->
                !(value instanceof Value.Text text && text.text().isBlank());
            case MANY ->
                value instanceof Value.Bound
                        || value instanceof Value.Many many
                                && many.groups().stream().anyMatch(g -> isAny(property.entries(), g));
            case LINK -> property.key().equals("address") || property.key().equals("outside");
            default -> false;
        };
    }
}
