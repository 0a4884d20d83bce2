package venue.core.body.element;

import static venue.core.model.property.Property.of;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** What somebody said, and who. */
final class QuoteElement extends DeclaredKind {

    QuoteElement() {
        super(
                "quote",
                "Quote",
                "What somebody said",
                of("words", "Words", PropertyType.LINES),
                of("person", "Who said it", PropertyType.WORDS),
                of("role", "What they are", PropertyType.WORDS));
    }

    @Override
    List<String> lines() {
        return List.of("person");
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.hasAny();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("blockquote", "quote");
        if (props.has("words")) {
            props.startWritten("words", "p", "", out);
            props.write("words", out);
            out.end();
        }
        if (props.has("person") || props.has("role")) {
            out.start("footer");
            props.write("person", out);
            if (!props.text("person").isEmpty() && !props.text("role").isEmpty()) {
                out.text(", ");
            }
            props.write("role", out);
            out.end();
        }
        out.end();
    }
}
