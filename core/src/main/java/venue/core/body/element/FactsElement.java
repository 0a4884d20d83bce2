package venue.core.body.element;

import static venue.core.model.property.Property.choice;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;
import venue.core.model.property.Property;

/** The facts of its page: every field that the page's kind shows, with its label. */
final class FactsElement extends DeclaredKind {

    FactsElement() {
        super(
                "facts",
                "Facts of the page",
                "The fields its kind shows, with their labels",
                choice(
                        "shape",
                        "Set as",
                        "look=As the look says",
                        "spec=A specification",
                        "strip=A strip",
                        "sentence=A sentence"));
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ROWS;
    }

    @Override
    public Set<String> themeParts() {
        return Set.of("lists");
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        Scene scene = props.scene();
        return scene.words().shownFields(scene.page()).stream()
                .anyMatch(f -> value(scene, scene.page(), f).isPresent());
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        String shape =
                props.text("shape").equals("look") ? props.scene().look().text("factShape") : props.text("shape");
        list(props.scene(), props.scene().page(), f -> true, "facts " + shape, out);
    }

    /** The facts of any page, those that are asked for and known; nothing where there are none. */
    static void list(Scene scene, Page page, Predicate<Property> which, String classes, HtmlWriter out) {
        list(scene, page, scene.words().shownFields(page).stream().filter(which).toList(), classes, out);
    }

    /** Some fields of a page with what they hold; nothing where none is known. */
    static void list(Scene scene, Page page, List<Property> fields, String classes, HtmlWriter out) {
        List<Property> known =
                fields.stream().filter(f -> value(scene, page, f).isPresent()).toList();
        if (known.isEmpty()) {
            return;
        }
        out.start("dl", classes);
        for (Property field : known) {
            value(scene, page, field)
                    .ifPresent(v -> out.start("div")
                            .element("dt", field.label())
                            .element("dd", scene.words().said(page, field.key()))
                            .end());
        }
        out.end();
    }

    private static Optional<Value> value(Scene scene, Page page, Property field) {
        return scene.words().field(page, field.key()).filter(v -> !(v instanceof Value.ToFill));
    }
}
