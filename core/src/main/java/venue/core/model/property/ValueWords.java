package venue.core.model.property;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.Optional;
import venue.core.basics.text.Words;
import venue.core.basics.value.Money;
import venue.core.basics.value.Value;

/** Values in words of a language. */
public final class ValueWords {

    private static final int DAY_ONLY = 10;

    private ValueWords() {}

    public static String of(Property property, Value value, Locale locale) {
        if (value instanceof Value.Num num) {
            Optional<Money> money = Money.of(num.number(), property.unit());
            if (money.isPresent()) {
                return money.get().in(locale);
            }
            String unit = property.unit().isEmpty() ? "" : " " + property.unit();
            return num.number().toPlainString() + unit;
        }
        if (value instanceof Value.Flag flag) {
            return flag.yes() ? "yes" : "no";
        }
        if (!(value instanceof Value.Text text)) {
            return "";
        }
        return switch (property.type()) {
            case DATE, DATE_TIME -> date(text.text(), locale);
            case RICH -> Words.of(text.text());
            case CHOICE ->
                property.choices().stream()
                        .filter(c -> c.value().equals(text.text()))
                        .map(Choice::label)
                        .findFirst()
                        .orElse(text.text());
            default ->
                property.type() == PropertyType.WORDS
                        ? text.text()
                        : text.text().strip();
        };
    }

    /** "Friday 27 November 2026, 19:00", or the text as it is when it is no date. */
    public static String date(String iso, Locale locale) {
        try {
            if (iso.length() <= DAY_ONLY) {
                return LocalDate.parse(iso).format(DateTimeFormatter.ofPattern("d MMMM uuuu", locale));
            }
            return LocalDateTime.parse(iso).format(DateTimeFormatter.ofPattern("EEEE d MMMM uuuu, HH:mm", locale));
        } catch (DateTimeParseException e) {
            return iso;
        }
    }
}
