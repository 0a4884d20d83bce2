package venue.core.body.form;

import java.util.List;
import java.util.Optional;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;

/** Where a step of a long form begins: it is filled in one after the other, and looked over before it is sent. */
final class StepField extends FieldKind {

    static final String KEY = "step";

    StepField() {
        super(KEY, "A step begins here");
    }

    @Override
    public boolean asks() {
        return false;
    }

    @Override
    List<Property> common() {
        return List.of();
    }

    @Override
    public List<String> names(FormField field) {
        return List.of();
    }

    @Override
    public Control control(FormField field, AtHand around) {
        return new Control.Between("");
    }

    @Override
    Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
        return Optional.empty();
    }
}
