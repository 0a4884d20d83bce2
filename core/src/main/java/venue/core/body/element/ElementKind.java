package venue.core.body.element;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** A kind of element: what it declares, and how it is written. The interface draws its inputs from the declaration. */
public interface ElementKind {

    /** Types of properties that are written in the card whatever they are called. */
    Set<PropertyType> WRITTEN =
            Set.of(PropertyType.RICH, PropertyType.LINES, PropertyType.PICTURE, PropertyType.FILE, PropertyType.MANY);

    /** The name kept in contents. */
    String key();

    /** The name people read. */
    String name();

    /** One line that says what it is for. */
    String note();

    List<Property> properties();

    /** The properties that are written in its card, by key; what else can be set of it stands behind "More". */
    default List<String> inPlace() {
        return properties().stream()
                .filter(p -> WRITTEN.contains(p.type()))
                .map(Property::key)
                .toList();
    }

    /** The facts of the site that it shows, by key; where one is missing the interface offers to fill it there and then. */
    default List<String> siteFacts() {
        return List.of();
    }

    /** The properties that sum it up in a line of its card, by key, the first before the others. */
    default List<String> summary() {
        return List.of();
    }

    /** Whether only managers place it and write in it. */
    default boolean isManagersOnly() {
        return false;
    }

    /** Whether it shows more than what is written and chosen in it: it may have something while all of its places are empty. */
    default boolean isGathered() {
        return false;
    }

    /** The property that has to be chosen before it shows anything, and is not; it counts as a place to fill. */
    default Optional<String> unchosen(Map<String, Value> props) {
        return Optional.empty();
    }

    /** Whether there is anything to show; an element without is left out. */
    boolean hasSomething(Props props);

    /** Writes the element; called only when it has something. */
    void render(Props props, HtmlWriter out);
}
