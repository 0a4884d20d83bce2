package venue.core.edition.edition;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.PropertyType;
import venue.core.model.property.UsualFields;
import venue.core.model.section.Element;
import venue.core.model.section.Section;

/**
 * What the sections that a page begins with leave open, and whoever makes the page says once for all of them.
 *
 * @param kind whether they ask which kind is gathered
 * @param field whether they ask by which field
 * @param needs the fields that a kind must have for them to show all that they are set to
 */
public record Asks(boolean kind, boolean field, List<Property> needs) {

    public static Asks of(List<Section> sections) {
        return new Asks(
                sections.stream().flatMap(Section::elements).anyMatch(e -> asks(e, PropertyType.KIND)),
                sections.stream().flatMap(Section::elements).anyMatch(e -> asks(e, PropertyType.FIELD)),
                sections.stream()
                        .flatMap(Section::elements)
                        .filter(e -> asks(e, PropertyType.KIND))
                        .flatMap(e -> Elements.require(e.kind()).needs(e.props()))
                        .distinct()
                        .flatMap(key -> UsualFields.declared(key).stream())
                        .toList());
    }

    private static boolean asks(Element element, PropertyType type) {
        return open(element, type).findAny().isPresent();
    }

    /** What an element leaves open. */
    private static Stream<Property> open(Element element, PropertyType type) {
        return Elements.require(element.kind()).properties().stream()
                .filter(p -> p.type() == type)
                .filter(p -> Optional.ofNullable(element.props().get(p.key())).stream()
                        .flatMap(Value::toFill)
                        .findAny()
                        .isPresent());
    }

    /**
     * What is said to it.
     *
     * @param kind absent where it is left open
     * @param field absent where it is left open
     */
    public record AskAnswer(@Nullable String kind, @Nullable String field) {

        public Section in(Section section) {
            return section.mapElements(e -> filled(filled(e, PropertyType.KIND, kind), PropertyType.FIELD, field));
        }

        private static Element filled(Element element, PropertyType type, @Nullable String answer) {
            if (answer == null) {
                return element;
            }
            Element filled = element;
            for (Property asked : open(element, type).toList()) {
                filled = filled.with(asked.key(), PropertyCheck.one(asked, Value.of(answer), "as.gathers"));
            }
            return filled;
        }
    }
}
