package venue.core.body.element;

import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import venue.core.basics.html.HtmlWriter;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** What happened when. */
final class TimelineElement extends ListKind {

    TimelineElement() {
        super(
                "moments",
                Sketch.ANSWERS,
                "timeline",
                "Timeline",
                "What happened when",
                many(
                        "moments",
                        "Moments",
                        of("when", "When", PropertyType.WORDS),
                        of("name", "What", PropertyType.WORDS),
                        of("words", "More", PropertyType.RICH)));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        int level = props.scene().headings().beneath();
        out.start("ol", "timeline");
        props.shown("moments").forEach(m -> {
            out.start("li");
            Tiles.line(m, "when", "p", "small", out);
            Tiles.line(m, "name", "h" + level, "h z-medium", out);
            Tiles.words(m, "words", out);
            out.end();
        });
        out.end();
    }
}
