package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import java.util.Optional;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Way;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.Tone;

/** A row of buttons that lead somewhere. */
final class ButtonsElement extends DeclaredKind {

    ButtonsElement() {
        super(
                "buttons",
                "Button row",
                "Leads to what comes next",
                many(
                        "buttons",
                        "Buttons",
                        of("label", "Label", PropertyType.WORDS),
                        of("link", "Leads to", PropertyType.LINK),
                        choice("weight", "Weight", "plain=Plain", "strong=Strong"),
                        choice("tone", "Tone", Tone.choicesAnd("theme=As the look has it")),
                        choice(
                                "corners",
                                "Corners",
                                "theme=As the look has them",
                                "round=Round",
                                "soft=Soft",
                                "square=Square")));
    }

    @Override
    public Set<String> themeParts() {
        return Set.of("buttons");
    }

    @Override
    public boolean hasSomething(Props props) {
        return !props.shown("buttons").isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        out.start("div", "buttons");
        props.shown("buttons").forEach(b -> button(b, out));
        out.end();
    }

    private static void button(Props button, HtmlWriter out) {
        Optional<Way> way = button.way("link");
        String classes = (button.text("weight").equals("strong") ? "button strong" : "button")
                + apart(button, "tone", "t-")
                + apart(button, "corners", "kb-");
        Tiles.led(way, classes, button, "label", out);
    }

    private static String apart(Props button, String key, String prefix) {
        String chosen = button.text(key);
        return chosen.equals("theme") ? "" : " " + prefix + chosen;
    }
}
