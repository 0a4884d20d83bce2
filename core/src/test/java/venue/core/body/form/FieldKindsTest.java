package venue.core.body.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.basket.Ware;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;

/** What each kind of field takes, what it says of what it doesn't, and which declarations are refused. */
class FieldKindsTest {

    /** A Monday. */
    private static final LocalDate TODAY = LocalDate.parse("2026-11-30");

    private static final AtHand NOTHING = new Nothing();

    /** Nothing to choose from. */
    static final class Nothing implements AtHand {
        @Override
        public LocalDate today() {
            return TODAY;
        }

        @Override
        public List<Offer> offers(FormField field) {
            return List.of();
        }

        @Override
        public Optional<Ware> ware(String id) {
            return Optional.empty();
        }

        @Override
        public List<Ware> wares(String kind, int most) {
            return List.of();
        }

        @Override
        public Locale locale() {
            return Locale.UK;
        }
    }

    private static FormField field(String type, String settings) {
        FormField field = FormField.of("it", "It", type);
        for (String setting : settings == null ? new String[0] : settings.split(";")) {
            String[] pair = setting.split("=", 2);
            field = field.with(pair[0], value(pair[0], pair[1]));
        }
        return field;
    }

    private static Value value(String key, String text) {
        if (key.equals("choices")) {
            return new Value.Many(Stream.of(text.split("/"))
                    .map(w -> Map.of("words", Value.of(w)))
                    .toList());
        }
        if (key.equals("shutOn")) {
            return new Value.Many(List.of(Map.of("day", Value.of(text))));
        }
        return text.equals("true")
                ? Value.of(true)
                : text.matches("-?[0-9.]+") && !key.equals("from") && !key.equals("until")
                        ? new Value.Num(new BigDecimal(text))
                        : Value.of(text);
    }

    private static Mistake.Found found(FormField field, Map<String, List<String>> sent) {
        Form form = FieldKinds.check(new Form("ask", "Ask", List.of(field), Map.of(), false));
        return new Filling(form, NOTHING).check(new Posted(sent));
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "words, -, Ada, -",
                "words, longest=3, Adam, FIELD_LONG",
                "words, required=true, ' ', FIELD_MISSING",
                "lines, longest=3, a b, -",
                "email, -, ada@moor.example, -",
                "email, -, ada, BAD_EMAIL",
                "email, -, ada@moor, FIELD_EMAIL_ENDS",
                "email, -, a b@moor.example, BAD_EMAIL",
                "phone, -, +44 (0)20/7946-0018, -",
                "phone, -, call me, FIELD_PHONE",
                "number, -, 12, -",
                "number, -, twelve, FIELD_NUMBER",
                "number, -, 1e9, FIELD_NUMBER",
                "number, -, 1.5, FIELD_WHOLE",
                "number, parts=true, 1.5, -",
                "number, least=2, 1, FIELD_LEAST",
                "number, most=6, 7, FIELD_MOST",
                "number, least=0.5, 0, FIELD_LEAST",
                "number, least=0.5, 1, -",
                "date, -, 2026-11-30, -",
                "date, -, 2026-11-29, FIELD_EARLY",
                "date, -, 30.11.2026, FIELD_DATE",
                "date, -, 2026-02-30, FIELD_DATE",
                "date, past=true, 1999-01-01, -",
                "date, notice=14, 2026-12-13, FIELD_EARLY",
                "date, notice=14, 2026-12-14, -",
                "date, ahead=7, 2026-12-08, FIELD_LATE",
                "date, until=2026-12-05, 2026-12-06, FIELD_LATE",
                "date, from=2026-12-24, 2026-12-23, FIELD_EARLY",
                "date, shutOn=monday, 2026-12-07, FIELD_SHUT",
                "date, shutOn=monday, 2026-12-08, -",
                "date, shut=2026-12-24, 2026-12-24, FIELD_SHUT",
                "time, -, 19:30, -",
                "time, -, 24:00, FIELD_TIME",
                "time, from=18:00;until=22:00, 17:59, FIELD_EARLY",
                "time, from=18:00;until=22:00, 22:01, FIELD_LATE",
                "time, from=22:00;until=02:00, 01:00, -",
                "time, from=22:00;until=02:00, 12:00, FIELD_EARLY",
                "one, choices=Tea/Cake, Tea, -",
                "one, choices=Tea/Cake, Beer, FIELD_GONE",
                "one, choices=Tea/Cake;required=true, '', FIELD_CHOOSE",
                "several, choices=Tea/Cake, Cake, -",
                "several, choices=Tea/Cake, Beer, FIELD_GONE",
                "yes, -, yes, -",
                "yes, required=true, '', FIELD_TICK",
                "yes, -, perhaps, FIELD_GONE",
                "consent, -, '', FIELD_TICK",
                "consent, -, yes, -",
                "pick, kind=night, saturn, FIELD_GONE",
            })
    void whatIsTakenAndWhatIsSaidOfWhatIsNot(String type, String settings, String sent, Phrase wrong) {
        Mistake.Found found = found(field(type, settings), Map.of("it", List.of(sent)));
        assertThat(found.mistakes().values())
                .extracting(Mistake::phrase)
                .isEqualTo(wrong == null ? List.of() : List.of(wrong));
    }

    @Test
    void severalAreTakenUpToTheirNumberEachOnce() {
        FormField field = field("several", "choices=Tea/Cake/Bread;most=2");
        assertThat(found(field, Map.of("it", List.of("Tea", "Tea", "Cake"))).values())
                .containsEntry("it", List.of("Tea", "Cake"));
        assertThat(found(field, Map.of("it", List.of("Tea", "Bread", "Cake")))
                        .mistakes()
                        .get("it"))
                .isEqualTo(Mistake.of(Phrase.FIELD_MOST, "2"));
    }

    @Test
    void someDaysHaveAFirstAndALastInThatOrder() {
        FormField field = field("dates", null);
        Map<String, List<String>> sent =
                new HashMap<>(Map.of("it.first", List.of("2026-12-10"), "it.last", List.of("2026-12-12")));
        Mistake.Found fine = found(field, sent);
        assertThat(fine.mistakes()).isEmpty();
        assertThat(FieldKinds.of(field).inWords(field, fine.values().get("it"), NOTHING))
                .isEqualTo("10 December 2026 – 12 December 2026");
        sent.put("it.last", List.of("2026-12-09"));
        assertThat(found(field, sent).mistakes().get("it").phrase()).isEqualTo(Phrase.FIELD_ORDER);
        sent.put("it.last", List.of(""));
        assertThat(found(field, sent).mistakes().get("it").phrase()).isEqualTo(Phrase.FIELD_MISSING);
        sent.put("it.first", List.of(""));
        assertThat(found(field, sent).mistakes()).isEmpty();
    }

    @Test
    void whatCannotBeSeenIsNothingAndLinesStayLines() {
        Posted posted = new Posted(Map.of("a", List.of("\u200b\u2060"), "b", List.of(" one\r\ntwo\u0007 ")));
        assertThat(posted.one("a")).isEmpty();
        assertThat(posted.one("b")).isEqualTo("one\ntwo");
        assertThat(posted.one("c")).isEmpty();
    }

    @Test
    void whoeverSentItIsKnownByWhatTheFormAsksFor() {
        Form booking = ReadyForms.find("form-booking").orElseThrow();
        assertThat(FieldKinds.name(booking)).map(FormField::key).contains("name");
        assertThat(FieldKinds.email(booking)).map(FormField::key).contains("email");
        assertThat(FieldKinds.asksConsent(booking)).isTrue();
        Form feedback = ReadyForms.find("form-feedback").orElseThrow();
        assertThat(FieldKinds.name(feedback)).isEmpty();
        assertThat(FieldKinds.asksConsent(feedback)).isFalse();
        Form group = ReadyForms.find("form-group-visit").orElseThrow();
        assertThat(FieldKinds.name(group))
                .as("a name goes before a group’s")
                .map(FormField::key)
                .contains("name");
    }

    private static void refused(List<FormField> fields, String code) {
        assertThatThrownBy(() -> FieldKinds.check(fields))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
    }

    @Test
    void declarationsThatSayNothingSensibleAreRefusedByName() {
        FormField fine = field("words", null);
        assertThat(FieldKinds.check(List.of(fine))).containsExactly(fine);
        refused(List.of(fine, fine), "key-twice");
        refused(List.of(FormField.of("-form", "F", "words")), "bad-key");
        refused(List.of(FormField.of("a", " \u200b", "words")), "bad-label");
        refused(List.of(FormField.of("a", "x".repeat(121), "words")), "bad-label");
        refused(List.of(FormField.of("a", "A", "spell")), "unknown-field-kind");
        refused(List.of(fine.with("least", Value.of(1))), "unknown-property");
        refused(List.of(fine.with("longest", Value.of(9_999))), "out-of-range");
        refused(List.of(field("time", "from=7 o’clock")), "bad-line");
        refused(List.of(field("date", "shut=tomorrow")), "bad-line");
        List<FormField> many = new ArrayList<>();
        IntStream.rangeClosed(0, FieldKinds.MOST).forEach(i -> many.add(FormField.of("k" + i, "K", "words")));
        refused(many, "too-many");
    }

    @ParameterizedTest
    @ValueSource(strings = {"en", "de", "fr", "es", "it", "nl", "da", "sv"})
    void whatIsWrongIsSaidInTheLanguageOfThePage(String language) {
        Mistake mistake = Mistake.of(Phrase.FIELD_LONG, "12", "3");
        assertThat(mistake.in(p -> p.in(language))).contains("12", "3").doesNotContain("{");
        PlacesLeft few = new PlacesLeft(40, 31, 0);
        assertThat(SeatWords.of(few, p -> p.in(language))).contains("9");
        assertThat(SeatWords.of(new PlacesLeft(40, 39, 0), p -> p.in(language)))
                .contains("1")
                .doesNotContain("{");
        assertThat(SeatWords.of(new PlacesLeft(40, 38, 3), p -> p.in(language)))
                .as("nobody passes those who wait")
                .contains(" · ", "3");
    }

    @Test
    void nobodyPassesWhoWaitsAlsoWhereSomeIsLeft() {
        PlacesLeft line = new PlacesLeft(40, 38, 1);
        assertThat(line.left()).isZero();
        assertThat(line.takes(1)).isFalse();
        assertThat(new PlacesLeft(40, 38, 0).takes(2)).isTrue();
        assertThat(new PlacesLeft(40, 38, 0).takes(3)).isFalse();
        assertThat(new PlacesLeft(38, 40, 0).over()).isEqualTo(2);
        assertThat(new PlacesLeft(38, 40, 0).left()).isZero();
    }
}
