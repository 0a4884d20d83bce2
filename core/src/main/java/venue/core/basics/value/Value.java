package venue.core.basics.value;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;

/**
 * What a property holds. In JSON: a text, a number, true or false, a list of groups, or an object with one member,
 * {@code toFill} or {@code bound}.
 */
public sealed interface Value permits Value.Text, Value.Num, Value.Flag, Value.Many, Value.ToFill, Value.Bound {

    /** Written words; HTML where the property says so, a link or an id where it says so. */
    record Text(String text) implements Value {
        @Override
        public Object json() {
            return text;
        }
    }

    /** A number in the property's unit. */
    record Num(BigDecimal number) implements Value {
        private static final int MOST_DIGITS = 18;
        private static final int FINEST = 12;

        public Num {
            if (number.precision() > MOST_DIGITS || Math.abs(number.scale()) > FINEST) {
                throw Refusal.badInput(
                        "bad-number",
                        "value",
                        "This number is too long to be kept.",
                        "Give one of at most " + MOST_DIGITS + " digits, " + FINEST + " of them after the point.");
            }
            number = number.stripTrailingZeros();
        }

        @Override
        public Object json() {
            return number.scale() <= 0 ? (Object) number.longValue() : number;
        }
    }

    record Flag(boolean yes) implements Value {
        @Override
        public Object json() {
            return yes;
        }
    }

    /** Several groups of values, in order. */
    record Many(List<Map<String, Value>> groups) implements Value {
        public Many {
            groups = groups.stream().map(g -> Map.copyOf(g)).toList();
        }

        @Override
        public Object json() {
            return groups.stream().map(Value::jsonOf).toList();
        }
    }

    /** A place that came with a template or pattern and waits for real content; {@code prompt} says what to write. */
    record ToFill(String prompt) implements Value {
        @Override
        public Object json() {
            return Map.of("toFill", prompt);
        }
    }

    /** Shows a field of its page ({@code page.summary}) or a fact of the site ({@code site.email}). */
    record Bound(String source) implements Value {
        @Override
        public Object json() {
            return Map.of("bound", source);
        }
    }

    @JsonValue
    Object json();

    /** Every place to fill within this value. */
    default Stream<ToFill> toFill() {
        if (this instanceof ToFill one) {
            return Stream.of(one);
        }
        if (this instanceof Many many) {
            return many.groups().stream().flatMap(g -> g.values().stream()).flatMap(Value::toFill);
        }
        return Stream.empty();
    }

    static Value of(String text) {
        return new Text(text);
    }

    static Value of(long number) {
        return new Num(BigDecimal.valueOf(number));
    }

    static Value of(boolean yes) {
        return new Flag(yes);
    }

    @JsonCreator
    static Value fromJson(Object raw) {
        if (raw instanceof String text) {
            return new Text(text);
        }
        if (raw instanceof Boolean yes) {
            return new Flag(yes);
        }
        if (raw instanceof Number number) {
            return number(number.toString());
        }
        if (raw instanceof List<?> list) {
            return many(list);
        }
        if (raw instanceof Map<?, ?> map && map.size() == 1) {
            Map.Entry<?, ?> only = map.entrySet().iterator().next();
            if ("toFill".equals(only.getKey())) {
                return new ToFill(String.valueOf(only.getValue()));
            }
            if ("bound".equals(only.getKey())) {
                return new Bound(String.valueOf(only.getValue()));
            }
        }
        throw Refusal.badInput(
                "bad-value",
                "value",
                "A value of this shape is not known.",
                "Give a text, a number, true or false, or a list of groups.");
    }

    private static Value number(String written) {
        try {
            return new Num(new BigDecimal(written));
        } catch (NumberFormatException e) {
            throw Refusal.badInput("bad-number", "value", written + " is no number.", "Give one like 12.5.");
        }
    }

    private static Value many(List<?> list) {
        List<Map<String, Value>> groups = new ArrayList<>();
        for (Object entry : list) {
            if (!(entry instanceof Map<?, ?> group)) {
                throw Refusal.badInput(
                        "bad-value", "value", "A list holds groups of named values.", "Give each entry as an object.");
            }
            Map<String, Value> values = new TreeMap<>();
            group.forEach((key, value) -> {
                if (value != null) {
                    values.put(String.valueOf(key), fromJson(value));
                }
            });
            groups.add(values);
        }
        return new Many(groups);
    }

    private static Map<String, Object> jsonOf(Map<String, Value> group) {
        Map<String, Object> json = new TreeMap<>();
        group.forEach((key, value) -> json.put(key, value.json()));
        return json;
    }
}
