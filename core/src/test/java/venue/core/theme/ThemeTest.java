package venue.core.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import venue.core.beginning.ReadySite;
import venue.core.value.Value;

class ThemeTest {

    @Test
    void contrastIsThatOfWcag() {
        assertThat(Colour.of("#000000").contrast(Colour.of("#FFFFFF"))).isCloseTo(21, within(0.001));
        assertThat(Colour.of("#767676").contrast(Colour.of("#FFFFFF"))).isCloseTo(4.54, within(0.01));
        assertThat(Colour.of("#B4521E").hex()).isEqualTo("#B4521E");
    }

    @Property(tries = 300)
    void whateverThePaletteWordsAndLinksPassOnEveryTone(
            @ForAll @IntRange(max = 0xffffff) int accent,
            @ForAll @IntRange(max = 0xffffff) int deep,
            @ForAll @IntRange(max = 0xffffff) int page) {
        Look theme = ReadySite.look("dusk")
                .with("colourAccent", hex(accent))
                .with("colourDeep", hex(deep))
                .with("colourPage", hex(page));
        for (Tone tone : Tone.of(theme)) {
            assertThat(tone.words().contrast(tone.ground())).isGreaterThanOrEqualTo(4.5);
            assertThat(tone.link().contrast(tone.ground())).isGreaterThanOrEqualTo(4.5);
            assertThat(tone.quiet().contrast(tone.ground())).isGreaterThanOrEqualTo(4.5);
        }
    }

    @Test
    void oneStylesheetPerThemeKnownByItsHash() {
        Look dusk = ReadySite.look("dusk");
        assertThat(StyleSheet.of(dusk).path())
                .isEqualTo(StyleSheet.of(ReadySite.look("dusk")).path());
        Look other = dusk.with("headingFont", Value.of("bitter"));
        assertThat(StyleSheet.of(other).path()).isNotEqualTo(StyleSheet.of(dusk).path());
        assertThat(StyleSheet.of(other).css()).contains("\"Bitter\"", "bitter-latin-wght-normal.woff2");
        assertThat(StyleSheet.of(dusk).css().length()).isLessThan(30_000);
    }

    private static Value hex(int rgb) {
        return Value.of(String.format("#%06X", rgb));
    }
}
