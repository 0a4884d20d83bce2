package venue.core.property;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.value.Value;

/**
 * A declared property. The interface draws its input from this alone, and the same declaration checks what arrives.
 *
 * @param range lowest and highest number, or longest text in characters, as {@code {min, max}}; absent for no bound
 * @param unit what a number counts ("ms", "px", "%"), or empty
 * @param onlyWhen {@code key=value} of a neighbour that must hold for this property to matter, or empty
 * @param entries the properties of one group, for {@link PropertyType#MANY}
 * @param shown whether pages show it in their list of facts
 * @param slot what a picture should be like to look well here; absent where nothing is asked
 */
public record Property(
        String key,
        String label,
        PropertyType type,
        String help,
        @Nullable Value fallback,
        boolean required,
        @Nullable Range range,
        String unit,
        List<Choice> choices,
        String onlyWhen,
        List<Property> entries,
        boolean shown,
        @Nullable PictureSlot slot) {

    /** Both ends belong to the range. */
    public record Range(BigDecimal min, BigDecimal max) {}

    public Property {
        help = help == null ? "" : help;
        unit = unit == null ? "" : unit;
        onlyWhen = onlyWhen == null ? "" : onlyWhen;
        choices = choices == null ? List.of() : List.copyOf(choices);
        entries = entries == null ? List.of() : List.copyOf(entries);
    }

    public static Property of(String key, String label, PropertyType type) {
        return new Property(key, label, type, "", null, false, null, "", List.of(), "", List.of(), false, null);
    }

    /** A choice whose first answer is the built-in one; each answer as {@code value=label}. */
    public static Property choice(String key, String label, String... answers) {
        List<Choice> choices = Arrays.stream(answers)
                .map(a -> a.split("=", 2))
                .map(a -> new Choice(a[0], a[1]))
                .toList();
        Value first = Value.of(choices.get(0).value());
        return new Property(
                key, label, PropertyType.CHOICE, "", first, false, null, "", choices, "", List.of(), false, null);
    }

    public static Property many(String key, String label, Property... entries) {
        return new Property(
                key, label, PropertyType.MANY, "", null, false, null, "", List.of(), "", List.of(entries), false, null);
    }

    public static Property number(String key, String label, long min, long max, long fallback, String unit) {
        Range range = new Range(BigDecimal.valueOf(min), BigDecimal.valueOf(max));
        Value value = Value.of(fallback);
        return new Property(
                key, label, PropertyType.NUMBER, "", value, false, range, unit, List.of(), "", List.of(), false, null);
    }

    public Property help(String words) {
        return new Property(
                key, label, type, words, fallback, required, range, unit, choices, onlyWhen, entries, shown, slot);
    }

    public Property fallback(Value value) {
        return new Property(
                key, label, type, help, value, required, range, unit, choices, onlyWhen, entries, shown, slot);
    }

    public Property onlyWhen(String keyAndValue) {
        return new Property(
                key, label, type, help, fallback, required, range, unit, choices, keyAndValue, entries, shown, slot);
    }

    public Property listed() {
        return new Property(
                key, label, type, help, fallback, required, range, unit, choices, onlyWhen, entries, true, slot);
    }

    /** The most characters that a text may have. */
    public Property longest(int characters) {
        Range most = new Range(BigDecimal.ZERO, BigDecimal.valueOf(characters));
        return new Property(
                key, label, type, help, fallback, required, most, unit, choices, onlyWhen, entries, shown, slot);
    }

    /** Without a built-in value: not given is not there. */
    public Property withoutFallback() {
        return new Property(
                key, label, type, help, null, required, range, unit, choices, onlyWhen, entries, shown, slot);
    }

    public Property unit(String words) {
        return new Property(
                key, label, type, help, fallback, required, range, words, choices, onlyWhen, entries, shown, slot);
    }

    /** For pictures: what one should be like to look well here. */
    public Property wants(PictureSlot picture) {
        return new Property(
                key, label, type, help, fallback, required, range, unit, choices, onlyWhen, entries, shown, picture);
    }

    /** The value that holds: the given one, else the declared fallback. */
    public Optional<Value> in(Map<String, Value> values) {
        Value given = values.get(key);
        return Optional.ofNullable(given != null ? given : fallback);
    }
}
