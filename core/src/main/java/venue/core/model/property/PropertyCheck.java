package venue.core.model.property;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.Link;
import venue.core.basics.text.HtmlCleaner;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;

/** Holds values against their declaration; what passes has its text cleaned. */
public final class PropertyCheck {

    private static final int LONGEST_WORDS = 2_000;
    private static final int SHOWN = 60;
    private static final int MOST_GROUPS = 500;
    private static final Pattern SOURCE = Pattern.compile("[a-z]{1,20}\\.[A-Za-z0-9-]{1,60}");

    private PropertyCheck() {}

    /** The declaration of {@code key}, or a refusal that names the path and what is known. */
    public static Property require(List<Property> declared, String key, String path) {
        return declared.stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow(() -> Refusal.badInput(
                        "unknown-property",
                        path,
                        "There is no property “" + path + "”.",
                        "Known here: "
                                + String.join(
                                        ", ",
                                        declared.stream().map(Property::key).toList()) + "."));
    }

    /** Every value checked and cleaned; a key that is not declared is refused with its path. */
    public static Map<String, Value> all(List<Property> declared, Map<String, Value> values, String path) {
        Map<String, Value> clean = new TreeMap<>();
        values.forEach((key, value) -> {
            String at = path.isEmpty() ? key : path + "." + key;
            clean.put(key, one(require(declared, key, at), value, at));
        });
        return Map.copyOf(clean);
    }

    /** {@code value} as {@code property} takes it, or a refusal that says what is wrong and where. */
    public static Value one(Property property, Value value, String path) {
        if (value instanceof Value.ToFill toFill) {
            return prompt(toFill, path);
        }
        if (value instanceof Value.Bound bound) {
            return expect(SOURCE.matcher(bound.source()).matches(), value, path, "bound to page.KEY or site.KEY");
        }
        return switch (property.type()) {
            case WORDS, LINES, FOLDER -> words(property, value, path);
            case RICH -> rich(value, path);
            case NUMBER -> number(property, value, path);
            case YES_NO -> expect(value instanceof Value.Flag, value, path, "yes or no");
            case CHOICE -> choice(property, value, path);
            case COLOUR -> expect(text(value).matches("#[0-9A-Fa-f]{6}"), value, path, "a colour like #1F5E5B");
            case LINK -> link(value, path);
            case DATE -> date(value, path);
            case DATE_TIME -> dateTime(value, path);
            case PICTURE, FILE, FONT, PAGE, ENTRY, TOPIC, KIND, MENU, GROUP, FORM ->
                expect(text(value).matches("[a-z0-9-]{1,40}"), value, path, "the id of a " + noun(property.type()));
            case FIELD ->
                expect(isEmpty(value) || text(value).matches("[A-Za-z0-9-]{1,60}"), value, path, "the key of a field");
            case OPTION ->
                expect(
                        isEmpty(value) || OptionAnswer.of(text(value)).isPresent(),
                        value,
                        path,
                        "an option and its answer, like map=yes");
            case MANY -> many(property, value, path);
        };
    }

    private static Value prompt(Value.ToFill toFill, String path) {
        expect(toFill.prompt().length() <= LONGEST_WORDS, toFill, path, "a prompt of at most 2000 characters");
        return new Value.ToFill(Letters.clean(toFill.prompt()));
    }

    private static String noun(PropertyType type) {
        return type == PropertyType.ENTRY ? "page or entry" : type.name().toLowerCase(java.util.Locale.ROOT);
    }

    private static Value words(Property property, Value value, String path) {
        expect(value instanceof Value.Text, value, path, "words");
        String words = text(value);
        BigDecimal longest = property.range() == null ? null : property.range().max();
        int most = longest == null ? LONGEST_WORDS : longest.intValue();
        if (words.length() > most) {
            throw Refusal.badInput(
                    "too-long",
                    path,
                    property.label() + " has " + words.length() + " characters; " + most + " fit.",
                    "Shorten it; nothing else was changed.");
        }
        String clean = Letters.clean(words);
        if (property.type() == PropertyType.WORDS) {
            String line = clean.replaceAll("[\\s\\p{Z}]+", " ");
            requireLines(property.line(), line, path, "");
            return Value.of(line);
        }
        String lines = clean.replaceAll("\r\n?", "\n").replace('\t', ' ');
        requireLines(property.line(), lines, path, "Line %d: ");
        return Value.of(lines);
    }

    private static void requireLines(Property.@Nullable LineRule rule, String text, String path, String where) {
        int wrong = rule == null ? 0 : rule.firstWrong(text);
        if (rule != null && wrong > 0) {
            String line = text.lines().toList().get(wrong - 1).strip();
            throw Refusal.badInput(
                            "bad-line",
                            path,
                            String.format(where, wrong) + "“" + Words.shorten(line, SHOWN) + "” " + rule.wrong(),
                            rule.fix())
                    .with(Map.of("line", wrong));
        }
    }

    private static Value rich(Value value, String path) {
        expect(value instanceof Value.Text, value, path, "written text");
        if (text(value).length() > HtmlCleaner.longest()) {
            throw Refusal.badInput(
                    "too-long",
                    path,
                    "This text has " + text(value).length() + " characters; " + HtmlCleaner.longest() + " fit.",
                    "Split it over two sections.");
        }
        return Value.of(HtmlCleaner.clean(text(value)).html());
    }

    private static Value number(Property property, Value value, String path) {
        expect(value instanceof Value.Num, value, path, "a number");
        BigDecimal number = ((Value.Num) value).number();
        Property.@Nullable Range range = property.range();
        if (range != null && !range.holds(number)) {
            throw Refusal.badInput(
                    "out-of-range",
                    path,
                    property.label() + " is " + number.toPlainString() + "; it is to be " + range.words()
                            + (property.unit().isEmpty() ? "" : " " + property.unit()) + ".",
                    "Give a number within the range.");
        }
        return value;
    }

    private static Value choice(Property property, Value value, String path) {
        boolean known = property.choices().stream().anyMatch(c -> c.value().equals(text(value)));
        String answers =
                String.join(", ", property.choices().stream().map(Choice::value).toList());
        return expect(known, value, path, "one of " + answers);
    }

    private static Value link(Value value, String path) {
        if (!text(value).isEmpty() && !Link.isAllowed(text(value))) {
            throw Refusal.badInput(
                    "link-not-allowed",
                    path,
                    "“" + text(value) + "” can't be a link.",
                    "Choose a page, or give an address that begins with https://, http://, mailto: or tel:.");
        }
        return value;
    }

    private static Value date(Value value, String path) {
        try {
            LocalDate.parse(text(value));
            return value;
        } catch (DateTimeParseException e) {
            return expect(false, value, path, "a day like 2026-11-27");
        }
    }

    private static Value dateTime(Value value, String path) {
        try {
            LocalDateTime.parse(text(value));
            return value;
        } catch (DateTimeParseException e) {
            return expect(false, value, path, "a day and time like 2026-11-27T19:00");
        }
    }

    private static Value many(Property property, Value value, String path) {
        expect(value instanceof Value.Many, value, path, "a list");
        List<Map<String, Value>> groups = ((Value.Many) value).groups();
        expect(groups.size() <= MOST_GROUPS, value, path, "a list of at most " + MOST_GROUPS);
        List<Map<String, Value>> clean = new ArrayList<>();
        for (int i = 0; i < groups.size(); i++) {
            clean.add(all(property.entries(), groups.get(i), path + "[" + i + "]"));
        }
        return new Value.Many(clean);
    }

    private static Value expect(boolean holds, Value value, String path, String wanted) {
        if (holds) {
            return value;
        }
        String given = Objects.toString(value.json());
        throw Refusal.badInput(
                "wrong-value",
                path,
                "“" + given.substring(0, Math.min(60, given.length())) + "” is not " + wanted + ".",
                "Give " + wanted + ", or leave it out to inherit.");
    }

    private static boolean isEmpty(Value value) {
        return value instanceof Value.Text words && words.text().isEmpty();
    }

    private static String text(Value value) {
        return value instanceof Value.Text text ? text.text() : "";
    }
}
