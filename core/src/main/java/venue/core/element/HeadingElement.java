package venue.core.element;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.of;

import java.util.List;
import venue.core.html.HtmlWriter;
import venue.core.property.Property;
import venue.core.property.PropertyType;

/** A heading. Its level follows from where it stands; its size is a matter of looks. */
final class HeadingElement implements ElementKind {

    private static final List<Property> PROPERTIES = List.of(
            of("text", "Heading", PropertyType.WORDS),
            choice(
                    "size",
                    "Size",
                    "auto=By its level",
                    "small=Small",
                    "medium=Medium",
                    "large=Large",
                    "display=Display"));

    @Override
    public String key() {
        return "heading";
    }

    @Override
    public String name() {
        return "Heading";
    }

    @Override
    public String note() {
        return "Names what follows";
    }

    @Override
    public List<Property> properties() {
        return PROPERTIES;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.has("text");
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        String size = props.text("size");
        out.start("h" + props.scene().headings().next(), size.equals("auto") ? "h" : "h z-" + size);
        props.write("text", out);
        out.end();
    }
}
