package venue.core.element;

import static venue.core.property.Property.many;
import static venue.core.property.Property.of;

import venue.core.html.HtmlWriter;
import venue.core.property.PropertyType;

/** Numbers worth knowing, large. */
final class FiguresElement extends DeclaredKind {

    FiguresElement() {
        super(
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
    public boolean hasSomething(Props props) {
        return props.groups("figures").stream().anyMatch(f -> f.has("figure"));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("dl", "figures");
        props.groups("figures").stream().filter(f -> f.has("figure")).forEach(f -> {
            out.start("div").start("dt");
            f.write("label", out);
            out.end().start("dd");
            f.write("figure", out);
            out.end().end();
        });
        out.end();
    }
}
