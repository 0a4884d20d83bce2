package venue.core.model.property;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;

class PropertyCheckTest {

    @ParameterizedTest
    @CsvSource({
        "DATE, 2026-11-27, true",
        "DATE, 27.11.2026, false",
        "DATE, 2026-02-30, false",
        "DATE_TIME, 2026-11-27T19:00, true",
        "DATE_TIME, 2026-11-27, false",
        "COLOUR, #1F5E5B, true",
        "COLOUR, red, false",
        "COLOUR, '#1F5E5B;}', false",
        "PICTURE, a-picture, true",
        "PICTURE, ../x, false",
        "LINK, https://example.test, true",
        "LINK, ftp://example.test, false",
        "LINK, page:visit, true",
        "LINK, page:Visit, false",
        "LINK, //evil.example, false",
        "WORDS, anything, true",
        "NUMBER, twelve, false",
        "YES_NO, yes, false"
    })
    void textsAreHeldAgainstTheirType(PropertyType type, String text, boolean taken) {
        Property property = Property.of("p", "P", type);
        if (taken) {
            assertThat(PropertyCheck.one(property, Value.of(text), "p")).isEqualTo(Value.of(text));
        } else {
            assertThatThrownBy(() -> PropertyCheck.one(property, Value.of(text), "p"))
                    .isInstanceOf(Refusal.class);
        }
    }

    @Test
    void aRefusalNamesThePathTheValueAndTheRule() {
        Property list = Property.many("links", "Links", Property.of("link", "Link", PropertyType.LINK));
        Value value =
                new Value.Many(List.of(Map.of("link", Value.of("/ok")), Map.of("link", Value.of("javascript:x"))));
        assertThatThrownBy(() -> PropertyCheck.one(list, value, "links")).isInstanceOfSatisfying(Refusal.class, r -> {
            assertThat(r.field()).isEqualTo("links[1].link");
            assertThat(r.getMessage()).contains("javascript:x");
            assertThat(r.fix()).contains("https://");
        });
        Value unknown = new Value.Many(List.of(Map.of("href", Value.of("/"))));
        assertThatThrownBy(() -> PropertyCheck.one(list, unknown, "links"))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.fix()).contains("link"));
    }

    @Test
    void numbersKeepWithinTheirRangeBothEndsIncluded() {
        Property veil = Property.number("veil", "Veil", 0, 90, 50, "%");
        assertThat(PropertyCheck.one(veil, Value.of(90), "veil")).isEqualTo(Value.of(90));
        assertThatThrownBy(() -> PropertyCheck.one(veil, Value.of(91), "veil")).hasMessageContaining("from 0 to 90 %");
        assertThat(new Value.Num(new BigDecimal("5.00"))).isEqualTo(Value.of(5));
    }

    @Test
    void wordsAreFoldedToOneLineAndTooManyAreRefused() {
        Property words = Property.of("w", "Words", PropertyType.WORDS);
        assertThat(PropertyCheck.one(words, Value.of("a\n\tb"), "w")).isEqualTo(Value.of("a b"));
        assertThatThrownBy(() -> PropertyCheck.one(words, Value.of("x".repeat(5000)), "w"))
                .hasMessageContaining("2000 fit");
        assertThat(PropertyCheck.one(words, Value.of("🌙 ليلة"), "w")).isEqualTo(Value.of("🌙 ليلة"));
    }

    @Test
    void jsonOfAnyShapeComesBackAsItWentOut() {
        Value value = new Value.Many(List.of(Map.of(
                "text",
                Value.of("x"),
                "n",
                Value.of(3),
                "yes",
                Value.of(true),
                "fill",
                new Value.ToFill("p"),
                "b",
                new Value.Bound("page.title"))));
        assertThat(Value.fromJson(value.json())).isEqualTo(value);
        assertThat(value.toFill()).hasSize(1);
        assertThatThrownBy(() -> Value.fromJson(Map.of("other", 1))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Value.fromJson(List.of("x"))).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1E999999999", "1e-400", "12345678901234567890123", "0.0000000000000001"})
    void numbersTooLongToBeKeptAreRefused(String number) {
        assertThatThrownBy(() -> new Value.Num(new BigDecimal(number))).isInstanceOf(Refusal.class);
    }

    @Test
    void textsPromptsAndBindingsAreCleanedOrRefused() {
        Property lines = Property.of("p", "P", PropertyType.LINES);
        assertThat(PropertyCheck.one(lines, Value.of("a\r\nb\u0085\u202ec\td"), "p"))
                .isEqualTo(Value.of("a\nbc d"));
        assertThat(PropertyCheck.one(lines, new Value.ToFill("Say\u0007 what"), "p"))
                .isEqualTo(new Value.ToFill("Say what"));
        assertThatThrownBy(() -> PropertyCheck.one(lines, new Value.ToFill("x".repeat(3000)), "p"))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PropertyCheck.one(lines, new Value.Bound("page.<b>"), "p"))
                .isInstanceOf(Refusal.class);
        assertThat(PropertyCheck.one(Property.of("p", "P", PropertyType.RICH), Value.of("<p>a&#1;b&#xFFFF;</p>"), "p"))
                .isEqualTo(Value.of("<p>ab</p>"));
    }
}
