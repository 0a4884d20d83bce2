package venue.core.element;

import java.util.Optional;
import venue.core.html.HtmlWriter;
import venue.core.page.Page;
import venue.core.property.Property;
import venue.core.value.Value;

/** The facts of its page: every field that the page's kind shows, with its label. */
final class FactsElement extends DeclaredKind {

    FactsElement() {
        super("facts", "Facts of the page", "The fields its kind shows, with their labels");
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.scene().shownFields(props.scene().page()).stream()
                .anyMatch(f -> value(props.scene(), f).isPresent());
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        out.start("dl", "facts");
        for (Property field : scene.shownFields(scene.page())) {
            value(scene, field).ifPresent(v -> out.element("dt", field.label()).element("dd", scene.inWords(field, v)));
        }
        out.end();
    }

    private static Optional<Value> value(Scene scene, Property field) {
        Page page = scene.page();
        return field.in(page.fields()).filter(v -> !(v instanceof Value.ToFill));
    }
}
