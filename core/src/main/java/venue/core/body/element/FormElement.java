package venue.core.body.element;

import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.form.Form;
import venue.core.model.property.PropertyType;

/** A form that visitors fill in: what it asks for is the form's own, wherever it is placed. */
final class FormElement extends DeclaredKind {

    private static final String FORM = "form";

    FormElement() {
        super(
                FORM,
                "Form",
                "What visitors fill in and send: ask, answer, book, order",
                of(FORM, "Form", PropertyType.FORM));
    }

    @Override
    List<String> lines() {
        return List.of(FORM);
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ASKING;
    }

    @Override
    public Set<String> themeParts() {
        return Set.of("button");
    }

    @Override
    public Optional<String> unchosen(Map<String, Value> props) {
        return Values.text(props, FORM).isEmpty() ? Optional.of(FORM) : Optional.empty();
    }

    @Override
    public List<String> states() {
        return List.of("wrong", "taken");
    }

    @Override
    public boolean hasSomething(Props props) {
        return form(props).isPresent();
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        form(props).ifPresent(form -> new FormWriter(props.scene(), form, out).write());
    }

    private static Optional<Form> form(Props props) {
        return props.scene()
                .forms()
                .form(props.text(FORM))
                .filter(f -> f.commentField().isEmpty());
    }
}
