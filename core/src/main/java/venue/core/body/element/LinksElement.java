package venue.core.body.element;

import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Way;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** A list of links, each on a line of its own. */
final class LinksElement extends ListKind {

    LinksElement() {
        super(
                "links",
                Sketch.ROWS,
                "links",
                "List of links",
                "Ways on, one to a line",
                many(
                        "links",
                        "Links",
                        of("label", "Words", PropertyType.WORDS),
                        of("link", "Leads to", PropertyType.LINK),
                        of("note", "Note", PropertyType.WORDS)));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("ul", "links");
        props.shown("links").forEach(l -> line(l, out));
        out.end();
    }

    private static void line(Props link, HtmlWriter out) {
        Optional<Way> way = link.way("link");
        out.start("li");
        if (link.has("label")) {
            way.ifPresent(w -> out.start(w, ""));
            link.write("label", out);
            way.ifPresent(out::end);
        }
        Tiles.line(link, "note", "div", "small", out);
        out.end();
    }
}
