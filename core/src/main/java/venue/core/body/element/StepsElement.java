package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.Map;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** What comes after what, numbered. */
final class StepsElement extends DeclaredKind {

    StepsElement() {
        super(
                "steps",
                "Steps",
                "What comes after what",
                many(
                        "steps",
                        "Steps",
                        of("name", "Step", PropertyType.WORDS),
                        of("words", "What happens", PropertyType.RICH)),
                choice("shape", "Arrangement", "down=One beneath another", "across=Side by side"));
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ANSWERS;
    }

    @Override
    public boolean hasSomething(Props props) {
        return !props.shown("steps").isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        int level = props.scene().headings().beneath();
        out.start("ol", "steps " + props.text("shape"));
        props.shown("steps").forEach(s -> {
            out.start("li");
            Tiles.line(s, "name", "h" + level, "h z-medium", out);
            Tiles.words(s, "words", out);
            out.end();
        });
        out.end();
    }
}
