package venue.core.element;

import static venue.core.property.Property.choice;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import venue.core.html.HtmlWriter;
import venue.core.page.Page;
import venue.core.property.Property;
import venue.core.value.Value;

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
    public boolean hasSomething(Props props) {
        return !known(props.scene(), props.scene().page(), f -> true).isEmpty();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        String shape =
                props.text("shape").equals("look") ? props.scene().look().text("factShape") : props.text("shape");
        list(props.scene(), props.scene().page(), f -> true, "facts " + shape, out);
    }

    /** The facts of any page, those that are asked for and known; nothing where there are none. */
    static void list(Scene scene, Page page, Predicate<Property> which, String classes, HtmlWriter out) {
        List<Property> known = known(scene, page, which);
        if (known.isEmpty()) {
            return;
        }
        out.start("dl", classes);
        for (Property field : known) {
            value(scene, page, field)
                    .ifPresent(v -> out.start("div")
                            .element("dt", field.label())
                            .element("dd", scene.inWords(field, v))
                            .end());
        }
        out.end();
    }

    private static List<Property> known(Scene scene, Page page, Predicate<Property> which) {
        return scene.shownFields(page).stream()
                .filter(which)
                .filter(f -> value(scene, page, f).isPresent())
                .toList();
    }

    private static Optional<Value> value(Scene scene, Page page, Property field) {
        return scene.field(page, field.key()).filter(v -> !(v instanceof Value.ToFill));
    }
}
