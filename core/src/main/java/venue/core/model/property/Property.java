package venue.core.model.property;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;

/**
 * A declared property. The interface draws its input from this alone, and the same declaration checks what arrives.
 *
 * @param range lowest and highest number, or longest text in characters, as {@code {min, max}}; absent for no bound
 * @param unit what a number counts ("ms", "px", "%"), or empty
 * @param onlyWhen what must hold of a neighbour for this property to matter
 * @param entries the properties of one group, for {@link PropertyType#MANY}
 * @param shown whether listings and lists of facts show it
 * @param slot what a picture should be like to look well here; absent where nothing is asked
 * @param group the heading under which it stands on a form, or empty
 * @param searchable whether pages are found by it
 * @param sameInAll true for a text that is the same in all languages, as an address or code is: see {@link #holdsWords}
 * @param line what each line of it must be like; absent where lines are free. Only what we declare ourselves has one
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
        When onlyWhen,
        List<Property> entries,
        boolean shown,
        @Nullable PictureSlot slot,
        String group,
        boolean searchable,
        @Nullable Boolean sameInAll,
        @Nullable LineRule line) {

    /**
     * What each line that is not empty must be like.
     *
     * @param pattern a regular expression for the whole line, as Java and JavaScript both read it
     * @param wrong what is said of a line that is not so, after the line itself
     * @param fix the way out
     */
    public record LineRule(String pattern, String wrong, String fix) {

        /** The number of the first line of a text that is not so, from 1; 0 where all are. */
        public int firstWrong(String text) {
            Pattern each = Pattern.compile(pattern);
            List<String> lines = text.lines().map(String::strip).toList();
            for (int i = 0; i < lines.size(); i++) {
                if (!lines.get(i).isEmpty() && !each.matcher(lines.get(i)).matches()) {
                    return i + 1;
                }
            }
            return 0;
        }
    }

    /** Both ends belong to the range; one that is absent is open. */
    public record Range(@Nullable BigDecimal min, @Nullable BigDecimal max) {

        /** A number within it, to show how one looks. */
        public BigDecimal sample(BigDecimal wanted) {
            return holds(wanted) ? wanted : min != null ? min : Objects.requireNonNull(max);
        }

        public boolean holds(BigDecimal number) {
            return (min == null || number.compareTo(min) >= 0) && (max == null || number.compareTo(max) <= 0);
        }

        /** "from 1 to 50", "at least 1", "at most 50"; a unit may follow. */
        public String words() {
            if (min == null) {
                return max == null ? "any number" : "at most " + max.toPlainString();
            }
            return max == null
                    ? "at least " + min.toPlainString()
                    : "from " + min.toPlainString() + " to " + max.toPlainString();
        }

        static Range of(long min, long max) {
            return new Range(BigDecimal.valueOf(min), BigDecimal.valueOf(max));
        }
    }

    public Property {
        help = help == null ? "" : help;
        unit = unit == null ? "" : unit;
        onlyWhen = onlyWhen == null ? When.ALWAYS : onlyWhen;
        group = group == null ? "" : group;
        choices = choices == null ? List.of() : List.copyOf(choices);
        entries = entries == null ? List.of() : List.copyOf(entries);
    }

    public static Property of(String key, String label, PropertyType type) {
        return new Draft(key, label, type).made();
    }

    /** A choice whose first answer is the built-in one; each answer as {@code value=label}. */
    public static Property choice(String key, String label, String... answers) {
        List<Choice> choices = Arrays.stream(answers)
                .map(a -> a.split("=", 2))
                .map(a -> new Choice(a[0], a[1]))
                .toList();
        return of(key, label, PropertyType.CHOICE).but(d -> {
            d.choices = choices;
            d.fallback = Value.of(choices.get(0).value());
        });
    }

    public static Property many(String key, String label, Property... entries) {
        return of(key, label, PropertyType.MANY).but(d -> d.entries = List.of(entries));
    }

    public static Property number(String key, String label, long min, long max, long fallback, String unit) {
        return of(key, label, PropertyType.NUMBER).but(d -> {
            d.range = Range.of(min, max);
            d.fallback = Value.of(fallback);
            d.unit = unit;
        });
    }

    public Property help(String words) {
        return but(d -> d.help = words);
    }

    public Property fallback(Value value) {
        return but(d -> d.fallback = value);
    }

    public Property onlyWhen(String keyAndValue) {
        return onlyWhen(new When(keyAndValue));
    }

    public Property onlyWhen(When when) {
        return but(d -> d.onlyWhen = when);
    }

    public Property listed() {
        return but(d -> d.shown = true);
    }

    /** The most characters that a text may have. */
    public Property longest(int characters) {
        return but(d -> d.range = Range.of(0, characters));
    }

    /** Without a built-in value: not given is not there. */
    public Property withoutFallback() {
        return but(d -> d.fallback = null);
    }

    /** The heading under which it stands on a form. */
    public Property under(String heading) {
        return but(d -> d.group = heading);
    }

    public Property unit(String words) {
        return but(d -> d.unit = words);
    }

    /** A text that is the same in all languages: an address, a name in addresses, code. */
    public Property notWords() {
        return but(d -> d.sameInAll = true);
    }

    /** Whether it holds words, which differ by language, be it in one of its groups. */
    public boolean holdsWords() {
        return type.isText()
                ? !Boolean.TRUE.equals(sameInAll)
                : entries.stream().anyMatch(Property::holdsWords);
    }

    /** What each of its lines must be like. */
    public Property eachLine(LineRule rule) {
        return but(d -> d.line = rule);
    }

    /** For pictures: what one should be like to look well here. */
    public Property wants(PictureSlot picture) {
        return but(d -> d.slot = picture);
    }

    /** The value that holds: the given one, else the declared fallback. */
    public Optional<Value> in(Map<String, Value> values) {
        Value given = values.get(key);
        return Optional.ofNullable(given != null ? given : fallback);
    }

    /** The same under another key. */
    public Property keyed(String other) {
        return drafted(other, d -> {});
    }

    private Property but(Consumer<Draft> change) {
        return drafted(key, change);
    }

    private Property drafted(String itsKey, Consumer<Draft> change) {
        Draft draft = new Draft(itsKey, label, type);
        draft.help = help;
        draft.fallback = fallback;
        draft.required = required;
        draft.range = range;
        draft.unit = unit;
        draft.choices = choices;
        draft.onlyWhen = onlyWhen;
        draft.entries = entries;
        draft.shown = shown;
        draft.slot = slot;
        draft.group = group;
        draft.searchable = searchable;
        draft.sameInAll = sameInAll;
        draft.line = line;
        change.accept(draft);
        return draft.made();
    }

    /** A property while it is being declared. */
    private static final class Draft {
        private final String key;
        private final String label;
        private final PropertyType type;
        private String help = "";
        private @Nullable Value fallback;
        private boolean required;
        private @Nullable Range range;
        private String unit = "";
        private List<Choice> choices = List.of();
        private When onlyWhen = When.ALWAYS;
        private List<Property> entries = List.of();
        private boolean shown;
        private @Nullable PictureSlot slot;
        private String group = "";
        private boolean searchable;
        private @Nullable Boolean sameInAll;
        private @Nullable LineRule line;

        private Draft(String key, String label, PropertyType type) {
            this.key = key;
            this.label = label;
            this.type = type;
        }

        private Property made() {
            return new Property(
                    key,
                    label,
                    type,
                    help,
                    fallback,
                    required,
                    range,
                    unit,
                    choices,
                    onlyWhen,
                    entries,
                    shown,
                    slot,
                    group,
                    searchable,
                    sameInAll,
                    line);
        }
    }
}
