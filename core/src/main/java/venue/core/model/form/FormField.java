package venue.core.model.form;

import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Property;

/**
 * One thing that a form asks for, or words between two of them.
 *
 * @param key what answers, tables and packs call it, whatever its label says
 * @param type the key of the kind of field that it is
 * @param group the heading under which it stands, or empty
 * @param settings by the key of what the kind of field declares
 */
public record FormField(String key, String label, String type, String group, Map<String, Value> settings) {

    public FormField {
        group = group == null ? "" : group;
        settings = Values.copy(settings);
    }

    public static FormField of(String key, String label, String type) {
        return new FormField(key, label, type, "", Map.of());
    }

    public FormField with(String setting, @Nullable Value value) {
        return new FormField(key, label, type, group, Values.with(settings, setting, value));
    }

    public FormField with(String setting, String words) {
        return with(setting, Value.of(words));
    }

    public FormField asked() {
        return with(FieldSettings.REQUIRED.key(), Value.of(true));
    }

    /** What a setting says: as given, else as it is declared; empty for nothing. */
    public String said(Property setting) {
        return held(setting)
                .map(v -> v instanceof Value.Text text
                        ? text.text()
                        : v instanceof Value.Num num ? num.number().toPlainString() : "")
                .orElse("");
    }

    public boolean is(Property setting) {
        return held(setting)
                .filter(v -> v instanceof Value.Flag flag && flag.yes())
                .isPresent();
    }

    public Optional<Value> held(Property setting) {
        return setting.in(settings);
    }

    /** Whether nothing can be sent without it; where it is shown only when another says so, only then. */
    public boolean mustBeGiven() {
        return is(FieldSettings.REQUIRED);
    }

    /** Whether it is shown only when another field says so. */
    public boolean dependsOnAnother() {
        return !said(FieldSettings.WHEN).isEmpty();
    }
}
