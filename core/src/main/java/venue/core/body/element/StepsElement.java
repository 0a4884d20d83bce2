package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** What comes after what, numbered. */
final class StepsElement extends ListKind {

    StepsElement() {
        super(
                "steps",
                Sketch.ANSWERS,
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

    /** Settings of lists leave it as it is. */
    @Override
    public Set<String> themeParts() {
        return Set.of();
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
