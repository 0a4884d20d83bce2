package venue.core.body.element;

import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** HTML that managers write themselves, in a frame of its own from which it can't touch the page. */
public final class OwnHtmlElement extends DeclaredKind {

    public static final String KEY = "own-html";

    private static final int MOST_LETTERS = 20_000;

    OwnHtmlElement() {
        super(
                KEY,
                "Own HTML",
                "For managers; sealed off from the page",
                of("html", "HTML", PropertyType.LINES).notWords().longest(MOST_LETTERS),
                of("title", "What it is", PropertyType.WORDS).help("Read out to those who don't see it."),
                number("height", "Height", 40, 2000, 320, "px"));
    }

    @Override
    List<String> lines() {
        return List.of("title");
    }

    @Override
    public boolean isManagersOnly() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.has("html");
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        if (props.isToFill("html")) {
            out.start("p");
            props.write("html", out);
            out.end();
            return;
        }
        out.start("iframe", "own-html")
                .attr("src", props.scene().links().ownHtml(props.text("html")))
                .attr("sandbox", "allow-scripts allow-forms allow-popups")
                .attr("loading", "lazy")
                .attr("height", props.number("height"))
                .attr("title", props.has("title") ? props.text("title") : "HTML")
                .end();
    }
}
