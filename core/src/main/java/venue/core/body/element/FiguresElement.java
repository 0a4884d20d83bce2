package venue.core.body.element;

import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import venue.core.basics.html.HtmlWriter;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** Numbers worth knowing, large. */
final class FiguresElement extends ListKind {

    FiguresElement() {
        super(
                "figures",
                Sketch.sideBySide(3),
                "figures",
                "Figures",
                "Numbers worth knowing",
                many(
                        "figures",
                        "Figures",
                        of("figure", "Figure", PropertyType.WORDS),
                        of("label", "What it counts", PropertyType.WORDS)));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("dl", "figures");
        props.shown("figures").forEach(f -> {
            boolean given = !f.text("label").isEmpty() || !f.text("figure").isEmpty();
            out.start("div");
            part(f, "label", "dt", given, out);
            part(f, "figure", "dd", given, out);
            out.end();
        });
        out.end();
    }

    /** Where one of both is given, the other has its place. */
    private static void part(Props figure, String key, String tag, boolean given, HtmlWriter out) {
        out.start(tag);
        if (given) {
            out.stays();
        }
        figure.write(key, out);
        out.end();
    }
}
