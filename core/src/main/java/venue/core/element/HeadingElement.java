package venue.core.element;

import static venue.core.property.Property.choice;
import static venue.core.property.Property.of;

import java.util.List;
import venue.core.html.HtmlWriter;
import venue.core.property.PropertyType;

/** A heading. Its level follows from where it stands; its size is a matter of looks. */
final class HeadingElement extends DeclaredKind {

    HeadingElement() {
        super(
                "heading",
                "Heading",
                "Names what follows",
                of("text", "Heading", PropertyType.WORDS),
                choice(
                        "size",
                        "Size",
                        "auto=By its level",
                        "small=Small",
                        "medium=Medium",
                        "large=Large",
                        "display=Display"));
    }

    @Override
    List<String> lines() {
        return List.of("text");
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.has("text");
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        String size = props.text("size");
        String tag = "h" + props.scene().headings().next();
        props.startWritten("text", tag, size.equals("auto") ? "h" : "h z-" + size, out);
        if (!props.text("text").isEmpty()) {
            props.scene().outline().next().ifPresent(a -> out.attr("id", a));
        }
        props.write("text", out);
        out.end();
    }
}
