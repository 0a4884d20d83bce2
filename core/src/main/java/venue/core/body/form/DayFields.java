package venue.core.body.form;

import static venue.core.model.property.Property.of;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.text.Phrase;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;
import venue.core.model.property.Property.LineRule;
import venue.core.model.property.PropertyType;

/** Fields in which a day, some days or a time is chosen. */
final class DayFields {

    private static final LineRule CLOCK =
            new LineRule("([01][0-9]|2[0-3]):[0-5][0-9]", "is no time.", "Write hours and minutes: 19:30.");

    private DayFields() {}

    private static String inWords(List<String> days, AtHand around) {
        return days.stream()
                .map(d -> {
                    LocalDate day = OpenDays.parse(d);
                    return day == null ? d : OpenDays.words(day, around);
                })
                .collect(Collectors.joining(" – "));
    }

    /** A day. */
    static final class Day extends FieldKind {

        Day() {
            super("date", "Day", OpenDays.settings());
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return new OpenDays(field, around.today()).line();
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            return new OpenDays(field, around.today()).wrong(values.get(0), around);
        }

        @Override
        public String inWords(FormField field, List<String> values, AtHand around) {
            return DayFields.inWords(values, around);
        }
    }

    /** The first and the last of some days. */
    static final class Range extends FieldKind {

        private static final String FIRST = ".first";
        private static final String LAST = ".last";

        Range() {
            super("dates", "From one day to another", OpenDays.settings());
        }

        @Override
        public List<String> names(FormField field) {
            return List.of(field.key() + FIRST, field.key() + LAST);
        }

        @Override
        public Control control(FormField field, AtHand around) {
            Control.Line line = new OpenDays(field, around.today()).line();
            return new Control.Days(line, line);
        }

        @Override
        List<String> read(FormField field, Posted posted) {
            List<String> both = names(field).stream().map(posted::one).toList();
            return both.stream().allMatch(String::isEmpty) ? List.of() : both;
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            if (values.contains("")) {
                return Optional.of(Mistake.of(Phrase.FIELD_MISSING));
            }
            OpenDays open = new OpenDays(field, around.today());
            return Stream.of(0, 1)
                    .flatMap(i -> open.wrong(values.get(i), around).stream())
                    .findFirst()
                    .or(() -> values.get(0).compareTo(values.get(1)) > 0
                            ? Optional.of(Mistake.of(Phrase.FIELD_ORDER))
                            : Optional.empty());
        }

        @Override
        public String inWords(FormField field, List<String> values, AtHand around) {
            return DayFields.inWords(values, around);
        }
    }

    /** A time of the day. */
    static final class Time extends FieldKind {

        private static final Property FROM =
                of("from", "From", PropertyType.WORDS).notWords().eachLine(CLOCK);
        private static final Property UNTIL =
                of("until", "To", PropertyType.WORDS).notWords().eachLine(CLOCK);

        Time() {
            super("time", "Time", FROM, UNTIL);
        }

        @Override
        public Control control(FormField field, AtHand around) {
            return new Control.Line(
                    "time",
                    new Attributes()
                            .with("min", field.said(FROM))
                            .with("max", field.said(UNTIL))
                            .all(),
                    "");
        }

        @Override
        Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
            String time = values.get(0);
            if (!time.matches(CLOCK.pattern())) {
                return Optional.of(Mistake.of(Phrase.FIELD_TIME));
            }
            return beyond(time, given(field, FROM), given(field, UNTIL));
        }

        private static @Nullable String given(FormField field, Property setting) {
            String said = field.said(setting);
            return said.isEmpty() ? null : said;
        }

        /** A range that ends before it begins goes over midnight (HTML, 4.10.5.3.7). */
        private static Optional<Mistake> beyond(String time, @Nullable String from, @Nullable String until) {
            boolean early = from != null && time.compareTo(from) < 0;
            boolean late = until != null && time.compareTo(until) > 0;
            boolean overMidnight = from != null && until != null && until.compareTo(from) < 0;
            if (overMidnight ? early && late : early) {
                return Optional.of(Mistake.of(Phrase.FIELD_EARLY, String.valueOf(from)));
            }
            return late && !overMidnight
                    ? Optional.of(Mistake.of(Phrase.FIELD_LATE, String.valueOf(until)))
                    : Optional.empty();
        }
    }
}
