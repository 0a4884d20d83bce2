package venue.core.body.form;

import static venue.core.model.property.Property.of;

import java.util.Optional;
import venue.core.basics.value.Value;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** What a field offers that lets choose one of the site's pages or entries. */
public final class PickSettings {

    static final String PICK = "pick";
    static final Property KIND = of("kind", "Of the kind", PropertyType.KIND);
    static final Property TO_COME = of("toCome", "Only what is still to come", PropertyType.YES_NO)
            .fallback(Value.of(true))
            .help("Where the kind has a date. What is past can’t be chosen in any case.");

    private PickSettings() {}

    /** The kind whose pages or entries a field offers; empty where it offers none. */
    public static Optional<String> kind(FormField field) {
        return Optional.of(field)
                .filter(f -> f.type().equals(PICK))
                .map(f -> f.said(KIND))
                .filter(k -> !k.isEmpty());
    }

    public static boolean isToCome(FormField field) {
        return field.is(TO_COME);
    }

    /** The field by which what runs out is chosen; empty where nothing runs out. */
    public static Optional<FormField> counted(Form form) {
        return form.placesField()
                .flatMap(places ->
                        form.fields().stream().filter(f -> kind(f).isPresent()).findFirst());
    }
}
