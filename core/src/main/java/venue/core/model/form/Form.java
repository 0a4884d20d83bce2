package venue.core.model.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.Settable;

/**
 * What visitors fill in, wherever it is placed. What they answer is no part of it: that is kept apart, outside every edition.
 *
 * @param settings the values of {@link FormSettings}
 * @param retired it takes no more answers; those that came stay
 */
public record Form(String id, String name, List<FormField> fields, Map<String, Value> settings, boolean retired)
        implements Settable {

    /** The longest name, in characters. */
    public static final int LONGEST_NAME = 60;

    public Form {
        fields = fields == null ? List.of() : List.copyOf(fields);
        settings = Values.copy(settings);
    }

    /** Another form like this one. */
    public Form copy(String newId, String words) {
        return new Form(newId, words, fields, settings, false);
    }

    public Form called(String words) {
        return new Form(id, words, fields, settings, retired);
    }

    public Form asking(List<FormField> all) {
        return new Form(id, name, all, settings, retired);
    }

    public Form retired(boolean off) {
        return new Form(id, name, fields, settings, off);
    }

    @Override
    public Property setting(String key) {
        return PropertyCheck.require(FormSettings.all(), key, key);
    }

    @Override
    public Form with(String key, @Nullable Value value) {
        return new Form(id, name, fields, Values.with(settings, key, value), retired);
    }

    @Override
    public String told() {
        return "the form " + name;
    }

    public Optional<FormField> field(String key) {
        return fields.stream().filter(f -> f.key().equals(key)).findFirst();
    }

    /** What a setting says; empty for nothing. */
    public String said(Property setting) {
        return setting.in(settings).orElse(null) instanceof Value.Text text ? text.text() : "";
    }

    public boolean is(Property setting) {
        return setting.in(settings).orElse(null) instanceof Value.Flag flag && flag.yes();
    }

    /** The page that is shown when it has been sent. */
    public Optional<String> nextPage() {
        return Optional.of(said(FormSettings.PAGE))
                .filter(p -> !p.isEmpty() && FormSettings.leadsToPage(said(FormSettings.AFTER)));
    }

    /** The address to which whoever has sent it goes on. */
    public Optional<String> nextAddress() {
        return Optional.of(said(FormSettings.ADDRESS))
                .filter(a -> !a.isEmpty() && FormSettings.leadsElsewhere(said(FormSettings.AFTER)));
    }

    /** Whether what is sent is handed on and not kept. */
    public boolean handsOn() {
        return nextAddress().isPresent() && is(FormSettings.HANDS_ON);
    }

    /** The address of another machine to which each answer is handed on; null for none. */
    public @Nullable String hook() {
        String hook = said(FormSettings.HOOK);
        return hook.isEmpty() ? null : hook;
    }

    /** For how many months an answer is kept. */
    public int months() {
        return FormSettings.MONTHS.in(settings).orElseThrow() instanceof Value.Num num
                ? num.number().intValue()
                : 1;
    }

    /** The key of the field that others read; empty for what is no form for comments. */
    public Optional<String> commentField() {
        return Optional.of(said(FormSettings.COMMENT)).filter(k -> !k.isEmpty());
    }

    /** The key of the number, in what is chosen, that says how many may come; empty where nothing runs out. */
    public Optional<String> placesField() {
        return Optional.of(said(FormSettings.PLACES)).filter(k -> !k.isEmpty());
    }
}
