package venue.core.element;

import java.util.List;
import venue.core.html.HtmlWriter;
import venue.core.property.Property;

/** A kind of element: what it declares, and how it is written. The interface draws its inputs from the declaration. */
public interface ElementKind {

    /** The name kept in contents. */
    String key();

    /** The name people read. */
    String name();

    /** One line that says what it is for. */
    String note();

    List<Property> properties();

    /** The facts of the site that it shows, by key; where one is missing the interface offers to fill it there and then. */
    default List<String> siteFacts() {
        return List.of();
    }

    /** Whether there is anything to show; an element without is left out. */
    boolean hasSomething(Props props);

    /** Writes the element; called only when it has something. */
    void render(Props props, HtmlWriter out);
}
