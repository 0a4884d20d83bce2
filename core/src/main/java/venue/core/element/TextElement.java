package venue.core.element;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.of;

import java.util.List;
import venue.core.html.HtmlWriter;
import venue.core.property.Property;
import venue.core.property.PropertyType;

/** Running text: paragraphs, lists, links, small headings, tables. */
final class TextElement implements ElementKind {

    private static final List<Property> PROPERTIES = List.of(
            of("text", "Text", PropertyType.RICH), choice("size", "Size", "body=As usual", "lead=Larger, as a lead"));

    @Override
    public String key() {
        return "text";
    }

    @Override
    public String name() {
        return "Text";
    }

    @Override
    public String note() {
        return "Paragraphs, lists, links";
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
        out.start("div", props.text("size").equals("lead") ? "text lead" : "text");
        props.write("text", out);
        out.end();
    }
}
