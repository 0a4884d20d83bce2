package venue.core.element;

import java.util.List;
import java.util.Optional;
import venue.core.html.HtmlWriter;
import venue.core.page.Page;
import venue.core.property.Property;
import venue.core.value.Value;

/** The facts of its page: every field that the page's kind shows, with its label. */
final class FactsElement implements ElementKind {

    @Override
    public String key() {
        return "facts";
    }

    @Override
    public String name() {
        return "Facts of the page";
    }

    @Override
    public String note() {
        return "The fields its kind shows, with their labels";
    }

    @Override
    public List<Property> properties() {
        return List.of();
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
