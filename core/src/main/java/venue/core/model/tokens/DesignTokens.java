package venue.core.model.tokens;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.PropertyGroup;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/**
 * A look in the Design Tokens Format Module of the Design Tokens Community Group (2025.10), and back. Colours, sizes, weights and other
 * numbers are tokens, grouped by the part of a page that they shape; arrangements, families by name and switches, for which the format has
 * no type, stand under {@code $extensions}. Read again, what was written gives the same look.
 */
public final class DesignTokens {

    /** Under which the format lets us keep what is ours. */
    private static final String OURS = "venue.look";

    private static final String EXTENSIONS = "$extensions";

    /**
     * What a file of tokens comes to.
     *
     * @param settings of a look, as far as they differ from what is built in
     * @param unknown paths of tokens that no setting is made of
     */
    public record TokensRead(Map<String, Value> settings, List<String> unknown) {}

    /** What names a file of one site would lead to nothing in another. */
    private static final Set<PropertyType> OF_THE_SITE = EnumSet.of(PropertyType.PICTURE, PropertyType.FONT);

    private DesignTokens() {}

    /** The tokens of {@code look} as a tree of objects for JSON. */
    public static Map<String, Object> of(Look look) {
        Map<String, Object> file = new LinkedHashMap<>();
        Map<String, Object> arranged = new TreeMap<>();
        file.put("$description", "The look " + look.name());
        for (PropertyGroup group : ThemeSettings.groups()) {
            Map<String, Object> tokens = new LinkedHashMap<>();
            for (Property setting : group.settings()) {
                if (OF_THE_SITE.contains(setting.type())) {
                    continue;
                }
                setting.in(look.settings()).ifPresent(value -> {
                    if (Token.isFor(setting)) {
                        tokens.put(setting.key(), Token.of(setting, value));
                    } else {
                        arranged.put(setting.key(), Token.plain(value));
                    }
                });
            }
            if (!tokens.isEmpty()) {
                file.put(group.key(), tokens);
            }
        }
        file.put(EXTENSIONS, Map.of(OURS, Map.of("name", look.name(), "arrangements", arranged)));
        return file;
    }

    /** What {@code file} says, a tree of objects as JSON has them; refused where a value can't be. */
    public static TokensRead read(Map<?, ?> file) {
        Map<String, Value> settings = new TreeMap<>();
        List<String> unknown = new ArrayList<>();
        tokens(file, "", settings, unknown);
        if (in(in(in(file, EXTENSIONS), OURS), "arrangements") instanceof Map<?, ?> arranged) {
            arranged.forEach((name, value) -> {
                String key = String.valueOf(name);
                take(key, key, Token.plain(value, key), settings, unknown);
            });
        }
        return new TokensRead(settings, unknown);
    }

    private static @Nullable Object in(@Nullable Object tree, String key) {
        return tree instanceof Map<?, ?> map ? map.get(key) : null;
    }

    private static void tokens(Map<?, ?> group, String path, Map<String, Value> settings, List<String> unknown) {
        group.forEach((name, inside) -> {
            String key = String.valueOf(name);
            String at = path.isEmpty() ? key : path + "." + key;
            if (key.startsWith("$") || !(inside instanceof Map<?, ?> map)) {
                return;
            }
            Object value = map.get("$value");
            if (value != null) {
                take(key, at, Token.read(value, at), settings, unknown);
            } else {
                tokens(map, at, settings, unknown);
            }
        });
    }

    private static void take(String key, String at, Value value, Map<String, Value> settings, List<String> unknown) {
        Property setting = ThemeSettings.all().stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElse(null);
        if (setting == null) {
            unknown.add(at);
            return;
        }
        Value fit = PropertyCheck.one(setting, value, at);
        if (!fit.equals(setting.fallback())) {
            settings.put(key, fit);
        }
    }
}
