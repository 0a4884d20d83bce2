package venue.core.body.listing;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.text.Letters;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/**
 * What must hold of a field.
 *
 * @param field its key
 * @param wanted what it is compared with: words, a number, {@code yes} or {@code no}, a day, or {@code today}
 */
public record Condition(String field, Test test, String wanted) {

    private static final String TODAY = "today";
    private static final int DAY = "2026-01-01".length();

    /** How a field is compared. Of a field that holds several, one is enough. */
    public enum Test {
        IS,
        IS_NOT,
        CONTAINS,
        IS_SET,
        IS_NOT_SET,
        /** Less than a number, before a day. */
        LESS,
        /** More than a number, after a day. */
        MORE
    }

    /** Whether the answer may be another tomorrow. */
    public boolean dependsOnDay() {
        return wanted.strip().equalsIgnoreCase(TODAY);
    }

    /** @param declared the field as the page's kind has it; absent where it has none, which is then not set */
    public boolean holds(@Nullable Property declared, Optional<Value> held, LocalDateTime now) {
        List<String> words =
                declared == null ? List.of() : held.map(Held::words).orElse(List.of());
        return switch (test) {
            case IS_SET -> !words.isEmpty();
            case IS_NOT_SET -> words.isEmpty();
            case IS -> words.stream().anyMatch(w -> compared(declared, w, now) == 0);
            case IS_NOT -> words.stream().noneMatch(w -> compared(declared, w, now) == 0);
            case CONTAINS -> {
                String part = folded(wanted);
                yield words.stream().anyMatch(w -> folded(w).contains(part));
            }
            case LESS -> words.stream().anyMatch(w -> compared(declared, w, now) < 0);
            case MORE -> words.stream().anyMatch(w -> isAfter(declared, w, now));
        };
    }

    private boolean isAfter(@Nullable Property declared, String word, LocalDateTime now) {
        int compared = compared(declared, word, now);
        return compared > 0 && compared != UNLIKE;
    }

    private static final int UNLIKE = Integer.MAX_VALUE;

    /** Less, equal or more; {@link #UNLIKE} where the two can't be compared. */
    private int compared(@Nullable Property declared, String word, LocalDateTime now) {
        PropertyType type = declared == null ? PropertyType.WORDS : Held.typeOf(declared);
        if (type == PropertyType.NUMBER) {
            return number(word).flatMap(n -> number(wanted).map(n::compareTo)).orElse(UNLIKE);
        }
        if (type == PropertyType.DATE || type == PropertyType.DATE_TIME) {
            String day = dependsOnDay() ? now.toString().substring(0, DAY) : wanted.strip();
            // A day that is wanted is meant whole: nothing of it is before it or after it.
            return day.length() < DAY
                    ? UNLIKE
                    : word.substring(0, Math.min(day.length(), word.length())).compareTo(day);
        }
        int compared = folded(word).compareTo(folded(wanted));
        return compared == 0 ? 0 : compared < 0 ? -1 : 1;
    }

    private static Optional<BigDecimal> number(String words) {
        try {
            return Optional.of(new BigDecimal(words.strip()));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private static String folded(String words) {
        return Letters.folded(words.strip());
    }
}
