package venue.core.body.form;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.property.ValueWords;

/** Which days can be chosen in a field. */
final class OpenDays {

    private static final Property FROM = of("from", "From the day", PropertyType.DATE);
    private static final Property UNTIL = of("until", "To the day", PropertyType.DATE);
    private static final Property PAST = of("past", "Days that are past too", PropertyType.YES_NO);
    private static final Property NOTICE =
            number("notice", "Least notice", 0, 365, 0, "days").onlyWhen("past=false");
    private static final Property AHEAD = of("ahead", "At most so many days ahead", PropertyType.NUMBER);
    private static final Property WEEKDAYS = many(
            "shutOn",
            "Never on",
            choice(
                    "day",
                    "Weekday",
                    "monday=Monday",
                    "tuesday=Tuesday",
                    "wednesday=Wednesday",
                    "thursday=Thursday",
                    "friday=Friday",
                    "saturday=Saturday",
                    "sunday=Sunday"));
    private static final Property SHUT = of("shut", "Not on these days", PropertyType.LINES)
            .notWords()
            .longest(4_000)
            .eachLine(new Property.LineRule(
                    "[0-9]{4}-[0-9]{2}-[0-9]{2}", "is no day.", "Write one on each line: 2026-12-24."))
            .help("One on each line: 2026-12-24.");

    private final FormField field;
    private final LocalDate today;

    OpenDays(FormField field, LocalDate today) {
        this.field = field;
        this.today = today;
    }

    static Property[] settings() {
        return new Property[] {PAST, NOTICE, AHEAD, FROM, UNTIL, WEEKDAYS, SHUT};
    }

    /** The first day that can be chosen; absent where there is none. */
    @Nullable
    LocalDate first() {
        LocalDate soonest = field.is(PAST) ? null : today.plusDays(whole(NOTICE).orElse(0L));
        LocalDate from = day(FROM);
        return soonest == null || (from != null && from.isAfter(soonest)) ? from : soonest;
    }

    /** The last one. */
    @Nullable
    LocalDate last() {
        LocalDate farthest = whole(AHEAD).map(today::plusDays).orElse(null);
        LocalDate until = day(UNTIL);
        return farthest == null || (until != null && until.isBefore(farthest)) ? until : farthest;
    }

    /** The weekdays on which none can be chosen. */
    Set<DayOfWeek> shutOn() {
        return field.held(WEEKDAYS).orElse(null) instanceof Value.Many many
                ? many.groups().stream()
                        .map(g -> Values.text(g, "day"))
                        .filter(d -> !d.isEmpty())
                        .map(d -> DayOfWeek.valueOf(d.toUpperCase(java.util.Locale.ROOT)))
                        .collect(Collectors.toSet())
                : Set.of();
    }

    Set<String> shut() {
        return Stream.of(field.said(SHUT).split("\n"))
                .map(String::strip)
                .filter(d -> !d.isEmpty())
                .collect(Collectors.toSet());
    }

    /** Whether no day can be chosen any more. */
    boolean isOver() {
        LocalDate first = first();
        LocalDate last = last();
        return last != null && (last.isBefore(today) && !field.is(PAST) || first != null && last.isBefore(first));
    }

    Control.Line line() {
        LocalDate first = first();
        LocalDate last = last();
        return new Control.Line(
                "date",
                new Attributes()
                        .with("min", first == null ? "" : first.toString())
                        .with("max", last == null ? "" : last.toString())
                        .with(
                                "data-shut-on",
                                shutOn().stream()
                                        .sorted()
                                        .map(d -> String.valueOf(d.getValue() % 7))
                                        .collect(Collectors.joining(" ")))
                        .with("data-shut", shut().stream().sorted().collect(Collectors.joining(" ")))
                        .all(),
                "");
    }

    Optional<Mistake> wrong(String written, AtHand around) {
        LocalDate day = parse(written);
        if (day == null) {
            return Optional.of(Mistake.of(Phrase.FIELD_DATE, today.toString()));
        }
        LocalDate first = first();
        LocalDate last = last();
        if (first != null && day.isBefore(first)) {
            return Optional.of(Mistake.of(Phrase.FIELD_EARLY, words(first, around)));
        }
        if (last != null && day.isAfter(last)) {
            return Optional.of(Mistake.of(Phrase.FIELD_LATE, words(last, around)));
        }
        return shutOn().contains(day.getDayOfWeek()) || shut().contains(day.toString())
                ? Optional.of(Mistake.of(Phrase.FIELD_SHUT, words(day, around)))
                : Optional.empty();
    }

    static String words(LocalDate day, AtHand around) {
        return ValueWords.date(day.toString(), around.locale());
    }

    static @Nullable LocalDate parse(String written) {
        try {
            return written.matches("[0-9]{4}-[0-9]{2}-[0-9]{2}") ? LocalDate.parse(written) : null;
        } catch (DateTimeParseException none) {
            return null;
        }
    }

    private @Nullable LocalDate day(Property setting) {
        return parse(field.said(setting));
    }

    private Optional<Long> whole(Property setting) {
        return field.held(setting)
                .flatMap(v -> v instanceof Value.Num num
                        ? Optional.of(Math.min(100_000L, num.number().longValue()))
                        : Optional.empty());
    }
}
