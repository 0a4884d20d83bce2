package venue.core.body.element;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.scene.Props;
import venue.core.model.form.Form;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** A kind of element that shows a form of the site; which one has to be chosen. */
abstract class FormKind extends VisitorKind {

    private static final String FORM = "form";

    /** @param help what there is to know about the choice; or empty */
    FormKind(String key, String name, String note, String help, Property... more) {
        super(
                key,
                name,
                note,
                Stream.concat(Stream.of(chosen(help)), Stream.of(more)).toArray(Property[]::new));
    }

    private static Property chosen(String help) {
        Property form = Property.of(FORM, "Form", PropertyType.FORM);
        return help.isEmpty() ? form : form.help(help);
    }

    @Override
    final List<String> lines() {
        return List.of(FORM);
    }

    @Override
    public final Optional<String> unchosen(Map<String, Value> props) {
        return Values.text(props, FORM).isEmpty() ? Optional.of(FORM) : Optional.empty();
    }

    @Override
    public final List<String> states() {
        return List.of("wrong", "taken");
    }

    /** The form that is chosen; empty where there is none, or none such. */
    final Optional<Form> form(Props props) {
        return props.scene().forms().form(props.text(FORM)).filter(this::shows);
    }

    /** Whether it shows such a form. */
    abstract boolean shows(Form form);
}
