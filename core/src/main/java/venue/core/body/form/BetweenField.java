package venue.core.body.form;

import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.Optional;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** Words between fields, which ask for nothing. */
final class BetweenField extends FieldKind {

    private static final Property WORDS = of("words", "Words", PropertyType.RICH);

    BetweenField() {
        super("between", "Words between fields", WORDS);
    }

    @Override
    public boolean asks() {
        return false;
    }

    @Override
    public List<String> names(FormField field) {
        return List.of();
    }

    @Override
    public Control control(FormField field, AtHand around) {
        return new Control.Between(field.said(WORDS));
    }

    @Override
    Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
        return Optional.empty();
    }
}
