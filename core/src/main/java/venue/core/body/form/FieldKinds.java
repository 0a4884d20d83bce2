package venue.core.body.form;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Letters;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.form.FormSettings;
import venue.core.model.property.PropertyCheck;

/** All kinds of field there are. */
public final class FieldKinds {

    /** The most fields of one form. */
    public static final int MOST = 60;

    private static final int LONGEST_LABEL = 120;

    private static final List<FieldKind> ALL = List.of(
            new TextFields.Words(),
            new TextFields.Lines(),
            new TextFields.Email(),
            new TextFields.Phone(),
            new NumberField(),
            new DayFields.Day(),
            new DayFields.Range(),
            new DayFields.Time(),
            new ChoiceFields.One(),
            new ChoiceFields.Several(),
            new ChoiceFields.Pick(),
            new TickFields.Yes(),
            new TickFields.Consent(),
            new FilesField(),
            new BasketField(),
            new BetweenField(),
            new StepField());

    private static final Map<String, FieldKind> BY_KEY =
            ALL.stream().collect(Collectors.toUnmodifiableMap(FieldKind::key, Function.identity()));

    private FieldKinds() {}

    /** In the order in which they are offered. */
    public static List<FieldKind> all() {
        return ALL;
    }

    public static FieldKind of(FormField field) {
        FieldKind kind = BY_KEY.get(field.type());
        if (kind == null) {
            throw Refusal.badInput(
                    "unknown-field-kind",
                    field.key(),
                    "There is no kind of field “" + field.type() + "”.",
                    "Known: " + ALL.stream().map(FieldKind::key).collect(Collectors.joining(", ")) + ".");
        }
        return kind;
    }

    /** The first field of a form that asks for an address of mail: where its sender is written to. */
    public static Optional<FormField> email(Form form) {
        return form.fields().stream()
                .filter(f -> f.type().equals(TextFields.EMAIL))
                .findFirst();
    }

    /** The field that says who somebody is: what browsers fill in as a name, else the first line of words. */
    public static Optional<FormField> name(Form form) {
        List<FormField> words = form.fields().stream()
                .filter(f -> f.type().equals(TextFields.WORDS))
                .toList();
        return words.stream()
                .filter(f -> f.said(Attributes.FILLS).endsWith("name"))
                .findFirst()
                .or(() -> words.stream().findFirst());
    }

    /** Whether it asks for somebody's name, as browsers know names. */
    public static boolean asksName(Form form) {
        return name(form).filter(f -> f.said(Attributes.FILLS).endsWith("name")).isPresent();
    }

    public static boolean asksConsent(Form form) {
        return form.fields().stream().anyMatch(f -> f.type().equals(TickFields.CONSENT));
    }

    /** A form as it is kept: its fields and settings held against what is declared. */
    public static Form check(Form form) {
        PropertyCheck.all(FormSettings.all(), form.settings(), form.name());
        return form.asking(check(form.fields()));
    }

    /** Fields as they are kept. */
    public static List<FormField> check(List<FormField> fields) {
        if (fields.size() > MOST) {
            throw Refusal.badInput(
                    "too-many", "fields", fields.size() + " fields; " + MOST + " fit.", "Take some away.");
        }
        Set<String> keys = new HashSet<>();
        return fields.stream().map(f -> check(f, keys)).toList();
    }

    private static FormField check(FormField field, Set<String> keys) {
        String at = "fields." + field.key();
        if (!field.key().matches("[a-z][a-zA-Z0-9-]{0,39}")) {
            throw Refusal.badInput(
                    "bad-key",
                    at,
                    "“" + field.key() + "” can't be a key.",
                    "Begin with a small letter; letters, digits and hyphens follow, at most 40.");
        }
        if (!keys.add(field.key())) {
            throw Refusal.badInput(
                    "key-twice", at, "Two fields have the key " + field.key() + ".", "Give each its own.");
        }
        String label = Letters.line(field.label());
        if (Letters.isUnseen(label)
                || label.length() > LONGEST_LABEL
                || field.group().length() > LONGEST_LABEL) {
            throw Refusal.badInput(
                    "bad-label",
                    at,
                    "A label has 1 to " + LONGEST_LABEL + " characters; this has " + label.length() + ".",
                    "Say in a few words what is to be given.");
        }
        return new FormField(
                field.key(),
                label,
                field.type(),
                Letters.line(field.group()),
                PropertyCheck.all(of(field).settings(), field.settings(), at));
    }
}
