package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** Running text: paragraphs, lists, links, small headings, tables. */
final class TextElement extends DeclaredKind {

    TextElement() {
        super(
                "text",
                "Text",
                "Paragraphs, lists, links",
                of("text", "Text", PropertyType.RICH),
                choice("size", "Size", "body=As usual", "lead=Larger, as a lead"));
    }

    @Override
    public String wholeText(Map<String, Value> props) {
        return Values.text(props, "text");
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.has("text");
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        props.startWritten("text", "div", props.text("size").equals("lead") ? "text lead" : "text", out);
        props.write("text", out);
        out.end();
    }
}
