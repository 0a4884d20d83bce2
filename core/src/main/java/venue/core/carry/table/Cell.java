package venue.core.carry.table;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jsoup.nodes.Entities;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.Choice;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.PropertyType;

/** A field's value as plain words in a table, read and written: what is written reads as what it was. */
final class Cell {

    private Cell() {}

    /** @return what the words mean for the field; nothing for empty words; refused where they don't fit */
    public static Optional<Value> read(Edition edition, Property field, String words) {
        String plain = words.strip();
        if (plain.isEmpty()) {
            return Optional.empty();
        }
        Value value = switch (field.type()) {
            case NUMBER -> number(field, plain);
            case YES_NO -> Value.of(yes(field, plain));
            case CHOICE -> Value.of(choice(field, plain));
            case PAGE, TOPIC -> Value.of(found(field, plain, page(edition, plain)));
            case PICTURE, FILE -> Value.of(found(field, plain, media(edition, plain)));
            case RICH -> Value.of(plain.startsWith("<") ? plain : "<p>" + Entities.escape(plain) + "</p>");
            case MANY ->
                throw Refusal.badInput(
                        "not-in-a-table",
                        field.key(),
                        "“" + field.label() + "” holds several and can't be read from a table.",
                        "Leave the column out.");
            default -> Value.of(plain);
        };
        return Optional.of(PropertyCheck.one(field, value, field.key()));
    }

    /** The value as words; empty where there is none, or it can't be said in a cell. */
    public static String write(Edition edition, Property field, @Nullable Value value) {
        if (value instanceof Value.Num num) {
            return num.number().toPlainString();
        }
        if (value instanceof Value.Flag flag) {
            return flag.yes() ? "yes" : "no";
        }
        if (!(value instanceof Value.Text text)) {
            return "";
        }
        return switch (field.type()) {
            case CHOICE ->
                field.choices().stream()
                        .filter(c -> c.value().equals(text.text()))
                        .map(Choice::label)
                        .findFirst()
                        .orElse(text.text());
            case PAGE, TOPIC ->
                edition.page(text.text())
                        .map(p -> edition.plan().address(p.id()))
                        .orElse("");
            case PICTURE, FILE -> edition.media(text.text()).map(Media::name).orElse("");
            default -> text.text();
        };
    }

    private static Value number(Property field, String words) {
        String plain = words.replace(field.unit(), "").replaceAll("[\\s’'_]", "");
        try {
            return new Value.Num(new BigDecimal(plain));
        } catch (NumberFormatException e) {
            throw unfit(field, words, "a number like 12.5");
        }
    }

    private static boolean yes(Property field, String words) {
        return switch (words.toLowerCase(Locale.ROOT)) {
            case "yes", "y", "true", "1", "x", "✓" -> true;
            case "no", "n", "false", "0", "-" -> false;
            default -> throw unfit(field, words, "yes or no");
        };
    }

    private static String choice(Property field, String words) {
        return field.choices().stream()
                .filter(c -> c.label().equalsIgnoreCase(words) || c.value().equalsIgnoreCase(words))
                .map(Choice::value)
                .findFirst()
                .orElseThrow(() -> unfit(
                        field,
                        words,
                        "one of " + field.choices().stream().map(Choice::label).collect(Collectors.joining(", "))));
    }

    private static Optional<String> page(Edition edition, String words) {
        return edition.plan()
                .pageAt(words)
                .or(() -> edition.all(Page.class)
                        .filter(p -> p.title().equalsIgnoreCase(words))
                        .map(Page::id)
                        .sorted()
                        .findFirst());
    }

    private static Optional<String> media(Edition edition, String words) {
        return edition.all(Media.class)
                .filter(m -> m.name().equalsIgnoreCase(words))
                .map(Media::id)
                .sorted()
                .findFirst();
    }

    private static String found(Property field, String words, Optional<String> id) {
        String what = field.type() == PropertyType.PAGE || field.type() == PropertyType.TOPIC
                ? "the title or address of a page"
                : "the name of a file in Media";
        return id.orElseThrow(() -> unfit(field, words, what));
    }

    private static Refusal unfit(Property field, String words, String wanted) {
        String given = words.substring(0, Math.min(60, words.length()));
        return Refusal.badInput(
                "wrong-value",
                field.key(),
                field.label() + ": “" + given + "” is not " + wanted + ".",
                "Give " + wanted + ", or leave it empty.");
    }
}
