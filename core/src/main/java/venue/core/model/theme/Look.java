package venue.core.model.theme;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.property.Naming;
import venue.core.model.property.Property;
import venue.core.model.property.Settable;

/** A look: a complete, named set of theme settings. What is not set is as built in. */
public record Look(String id, String name, Map<String, Value> settings) implements Settable {

    public Look {
        settings = Values.copy(settings);
    }

    @Override
    public Property setting(String key) {
        return ThemeSettings.require(key);
    }

    @Override
    public String told() {
        return "the look " + name;
    }

    @Override
    public Look with(String key, @Nullable Value value) {
        return new Look(id, name, Values.with(settings, key, value));
    }

    /** The text that holds for a setting, as set or as built in. */
    public String text(String key) {
        return value(key) instanceof Value.Text text ? text.text() : "";
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
