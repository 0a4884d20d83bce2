package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Way;
import venue.core.body.scene.Headings;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

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
                        "display=Display"),
                of("kicker", "Above it", PropertyType.WORDS).help("A few words in the label's voice."),
                of("linkLabel", "Link beside it", PropertyType.WORDS),
                of("link", "Leads to", PropertyType.LINK));
    }

    @Override
    public boolean isHeading() {
        return true;
    }

    @Override
    List<String> lines() {
        return List.of("text");
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.has("text") || props.has("kicker") || isLed(props);
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        if (props.text("kicker").isEmpty() && (props.text("linkLabel").isEmpty() || !isLed(props))) {
            parts(props, out);
            return;
        }
        out.start("div", "head").start("div", "titles");
        parts(props, out);
        out.end();
        if (isLed(props)) {
            lead(props, out);
        }
        out.end();
    }

    /** The way on, at the heading's end. */
    private static void lead(Props props, HtmlWriter out) {
        Way way = props.way("link").orElseThrow();
        out.start("p", "all").start(way, "");
        props.write("linkLabel", out);
        out.end(way).end();
    }

    private static void parts(Props props, HtmlWriter out) {
        Tiles.line(props, "kicker", "p", "kicker", out);
        heading(props, out);
    }

    private static boolean isLed(Props props) {
        return props.has("linkLabel") && props.way("link").isPresent();
    }

    private static void heading(Props props, HtmlWriter out) {
        if (!props.has("text")) {
            return;
        }
        String size = props.text("size");
        Headings headings = props.scene().headings();
        String tag = "h" + (props.text("text").isEmpty() ? headings.waiting() : headings.next());
        props.startWritten("text", tag, size.equals("auto") ? "h" : "h z-" + size, out);
        if (!props.text("text").isEmpty()) {
            props.scene().outline().next().ifPresent(a -> out.attr("id", a));
        }
        props.write("text", out);
        out.end();
    }
}
