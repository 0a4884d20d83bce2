package venue.core.model.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.fault.Refusal;

class SegmentTest {

    @ParameterizedTest
    @CsvSource({
        "Open nights, open-nights",
        "Żurek comet seeker, zurek-comet-seeker",
        "Café & Straße, cafe-and-strasse",
        "Saturn’s late show, saturns-late-show",
        "تلسكوب المساء, تلسكوب-المساء",
        "🌙🌙, page",
        "api, api-page",
        "  --  , page"
    })
    void titlesBecomeSegments(String title, String segment) {
        assertThat(Segment.fromTitle(title)).isEqualTo(segment);
    }

    @Property(tries = 1000)
    void everyTitleGivesASegmentThatIsTaken(@ForAll String title) {
        String segment = Segment.fromTitle(title);
        assertThat(segment).isNotEmpty().hasSizeLessThanOrEqualTo(Segment.LONGEST);
        assertThat(Segment.check(segment)).isEqualTo(segment);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Upper", "two words", "../etc", "a/b", "-", "api", "x%2F"})
    void whatIsNoSegmentIsRefusedWithOneThatWouldDo(String segment) {
        assertThatThrownBy(() -> Segment.check(segment))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.fix()).contains("for example"));
    }
}
