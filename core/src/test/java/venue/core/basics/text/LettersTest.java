package venue.core.basics.text;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LettersTest {

    @Property(tries = 1000)
    void whatIsLeftCanStandInXmlAndCleaningTwiceChangesNothing(@ForAll String anything) {
        String clean = Letters.clean(anything + "\u202e\ud800\uffff\u0007x");
        assertThat(clean.codePoints())
                .allMatch(c -> c == '\t'
                        || c == '\n'
                        || c == '\r'
                        || c >= 0x20 && c <= 0xd7ff
                        || c >= 0xe000 && c <= 0xfffd
                        || c >= 0x10000);
        assertThat(Letters.clean(clean)).isEqualTo(clean);
        assertThat(clean.codePoints()).doesNotContain(0x202e, 0x2066, 0x85);
    }

    @Test
    void whatPeopleWriteStays() {
        String written = "Ångström 🏴󠁧󠁢󠁥󠁮󠁧󠁿 👩‍🔭 العربية ‏עברית‎ क्‍ष\nमैं — “a”\tb";
        assertThat(Letters.clean(written)).isSameAs(written);
        assertThat(Letters.line("  one\u0000 \u2029 two\u00a0three ")).isEqualTo("one two three");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", " ", "\u200b\u200d", "\u3164", "\u00ad\u2060", "\ufe0f\u0301", "\u2800\u115f", "\u200e\t"})
    void whatShowsNothingIsUnseen(String nothing) {
        assertThat(Letters.isUnseen(nothing)).isTrue();
        assertThat(Letters.isUnseen(nothing + "x")).isFalse();
    }
}
