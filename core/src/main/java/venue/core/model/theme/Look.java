package venue.core.model.theme;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Naming;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.property.Settable;

/**
 * A look: a complete, named set of theme settings. What is not set is as built in.
 *
 * @param note what it suits, in words; empty where nobody said it
 */
public record Look(
        String id,
        String name,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) String note,
        Map<String, Value> settings) implements Settable {

    private static final int LONGEST_NOTE = 200;
    private static final Property NOTE =
            Property.of("note", "What it suits", PropertyType.WORDS).longest(LONGEST_NOTE);

    public Look {
        note = note == null ? "" : note;
        settings = Values.copy(settings);
    }

    public Look(String id, String name, Map<String, Value> settings) {
        this(id, name, "", settings);
    }

    public Look withName(String words) {
        return new Look(id, words, note, settings);
    }

    public Look withSettings(Map<String, Value> all) {
        return new Look(id, name, note, all);
    }

    @Override
    public Property setting(String key) {
        return key.equals(NOTE.key()) ? NOTE : ThemeSettings.require(key);
    }

    @Override
    public String told() {
        return "the look " + name;
    }

    @Override
    public Look with(String key, @Nullable Value value) {
        return key.equals(NOTE.key())
                ? new Look(id, name, Values.text(Values.with(Map.of(), key, value), key), settings)
                : withSettings(Values.with(settings, key, value));
    }

    /** The text that holds for a setting, as set or as built in. */
    public String text(String key) {
        return value(key) instanceof Value.Text text ? text.text() : "";
    }

    /** The faces that a voice ({@code heading}, {@code body}, {@code label}) is set in where the look's own are not fetched: in mail. */
    public String faceOfMail(String voice) {
        return Voice.everywhere(this, voice);
    }

    public boolean flag(String key) {
        return value(key) instanceof Value.Flag flag && flag.yes();
    }

    /** The number that holds for a setting, in the setting's unit. */
    public double number(String key) {
        return value(key) instanceof Value.Num num ? num.number().doubleValue() : 0;
    }

    public Colour colour(String key) {
        return Colour.of(text(key));
    }

    /** A colour that is made of others unless somebody sets it. */
    Optional<Colour> own(String key) {
        return text(key).isEmpty() ? Optional.empty() : Optional.of(colour(key));
    }

    /** The ids of the site's files that it names. */
    public List<String> files() {
        List<String> ids = new ArrayList<>();
        Naming.each(ThemeSettings.all(), settings, (property, id) -> ids.add(id));
        return ids;
    }

    private @Nullable Value value(String key) {
        return ThemeSettings.require(key).in(settings).orElse(null);
    }
}
