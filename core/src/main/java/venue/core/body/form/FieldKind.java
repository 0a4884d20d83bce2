package venue.core.body.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.text.Phrase;
import venue.core.model.form.FieldSettings;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;

/** A kind of field: what can be said of one, what it takes, and how it is filled in. */
public abstract class FieldKind {

    private final String key;
    private final String name;
    private final List<Property> own;

    FieldKind(String key, String name, Property... own) {
        this.key = key;
        this.name = name;
        this.own = List.of(own);
    }

    /** The name kept in contents. */
    public final String key() {
        return key;
    }

    /** The name people read. */
    public final String name() {
        return name;
    }

    /** What a field of this kind is set to. */
    public final List<Property> settings() {
        return Stream.concat(own.stream(), common().stream().filter(p -> mayBeLeftOut() || p != FieldSettings.REQUIRED))
                .toList();
    }

    /** What it can be set to as others can. */
    List<Property> common() {
        return asks() ? FieldSettings.all() : FieldSettings.around();
    }

    /** Whether it asks for something; words between fields do not. */
    public boolean asks() {
        return true;
    }

    /** Whether a form may be sent without it, as far as the kind of field goes. */
    boolean mayBeLeftOut() {
        return true;
    }

    /** Whether a form can't be sent without this one, if it is shown. */
    public boolean isRequired(FormField field) {
        return asks() && (field.mustBeGiven() || !mayBeLeftOut());
    }

    /** The names of its controls. */
    public List<String> names(FormField field) {
        return List.of(field.key());
    }

    /** What stands in its controls after it was sent, by name. */
    Map<String, List<String>> typed(FormField field, Posted posted) {
        return names(field).stream()
                .filter(posted.values()::containsKey)
                .collect(Collectors.toMap(n -> n, posted::all));
    }

    /** By what it is filled in. */
    public abstract Control control(FormField field, AtHand around);

    /** What came for it, as it is kept: nothing where nothing came. */
    List<String> read(FormField field, Posted posted) {
        return posted.all(field.key()).stream().limit(1).toList();
    }

    /** What is wrong with what came, which is not nothing. */
    abstract Optional<Mistake> wrong(FormField field, List<String> values, AtHand around);

    /** What is said where it is missing. */
    Phrase missing() {
        return Phrase.FIELD_MISSING;
    }

    /** What was chosen or written, as people read it. */
    public String inWords(FormField field, List<String> values, AtHand around) {
        return String.join(", ", values);
    }
}
