package venue.core.model.tokens;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.Colour;

/** One setting as a token of the format: a colour, a dimension in pixels, a weight or a number. */
final class Token {

    private static final double WHOLE = 255;
    private static final double THOUSAND = 1000;

    private Token() {}

    /** Whether the format has a type for it. */
    static boolean isFor(Property setting) {
        return setting.type() == PropertyType.COLOUR || setting.type() == PropertyType.NUMBER;
    }

    static Map<String, Object> of(Property setting, Value value) {
        Map<String, Object> token = new LinkedHashMap<>();
        if (value instanceof Value.Num number) {
            boolean weight = setting.key().endsWith("Weight") && setting.unit().isEmpty();
            token.put("$type", weight ? "fontWeight" : setting.unit().equals("px") ? "dimension" : "number");
            token.put(
                    "$value",
                    setting.unit().equals("px") ? Map.of("value", number.number(), "unit", "px") : number.number());
        } else {
            token.put("$type", "color");
            token.put("$value", colour(Colour.of(((Value.Text) value).text())));
        }
        token.put("$description", setting.unit().isEmpty() ? setting.label() : setting.label() + ", " + setting.unit());
        return token;
    }

    private static Map<String, Object> colour(Colour colour) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("colorSpace", "srgb");
        value.put(
                "components",
                Stream.of(colour.red(), colour.green(), colour.blue())
                        .map(c -> Math.round(c / WHOLE * THOUSAND) / THOUSAND)
                        .toList());
        value.put("hex", colour.hex());
        return value;
    }

    /** What has no type in the format, as JSON has it. */
    static Object plain(Value value) {
        if (value instanceof Value.Flag flag) {
            return flag.yes();
        }
        return value instanceof Value.Num number ? number.number() : ((Value.Text) value).text();
    }

    static Value plain(Object json, String at) {
        if (json instanceof Boolean yes) {
            return Value.of(yes);
        }
        if (json instanceof Number number) {
            return new Value.Num(new BigDecimal(number.toString()));
        }
        if (json instanceof String text) {
            return Value.of(text);
        }
        throw unread(at);
    }

    /** The value of a token: a colour as an object of the format or as #RRGGBB, a dimension in pixels, a number. */
    static Value read(Object value, String at) {
        if (!(value instanceof Map<?, ?> token)) {
            return plain(value, at);
        }
        if (token.get("hex") instanceof String hex) {
            return Value.of(hex.toUpperCase(Locale.ROOT));
        }
        if ("srgb".equals(token.get("colorSpace")) && token.get("components") instanceof List<?> shares) {
            List<Integer> channels = shares.stream()
                    .filter(Number.class::isInstance)
                    .map(s -> (int) Math.round(Math.max(0, Math.min(1, ((Number) s).doubleValue())) * WHOLE))
                    .toList();
            if (shares.size() == 3 && channels.size() == 3) {
                return Value.of(new Colour(channels.get(0), channels.get(1), channels.get(2)).hex());
            }
        }
        if ("px".equals(token.get("unit")) && token.get("value") instanceof Number number) {
            return new Value.Num(new BigDecimal(number.toString()));
        }
        throw unread(at);
    }

    private static Refusal unread(String at) {
        return Refusal.badInput(
                "unread-token",
                at,
                "The value of " + at + " can't be read.",
                "Give a colour in sRGB, a dimension in px, a number, words or true and false.");
    }
}
