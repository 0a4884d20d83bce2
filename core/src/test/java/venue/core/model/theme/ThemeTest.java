package venue.core.model.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.ReadySite;
import venue.core.model.media.Font;
import venue.core.model.media.Media;
import venue.core.model.property.Choice;
import venue.core.model.property.PropertyType;

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
                .with("colourPage", hex(page))
                .with("colourHeadings", hex(deep ^ accent))
                .with("colourQuiet", hex(page ^ accent))
                .with("colourOnAccent", hex(page ^ deep))
                .with("toneFirst", hex(accent ^ 0x5a5a5a))
                .with("toneSecond", hex(page ^ deep ^ accent))
                .with("toneSecondWords", hex(deep))
                .with("toneSecondLink", hex(accent));
        for (Tone tone : Stream.concat(Tone.of(theme).stream(), Tone.byNight(theme).stream())
                .toList()) {
            assertThat(tone.words().contrast(tone.ground())).isGreaterThanOrEqualTo(4.5);
            assertThat(tone.words().contrast(tone.wash())).isGreaterThanOrEqualTo(4.5);
            assertThat(List.of(tone.words(), tone.headings(), tone.quiet(), tone.link()))
                    .allMatch(c -> c.contrast(tone.ground()) >= 4.5)
                    .allMatch(c -> c.contrast(tone.raised()) >= 4.5);
            assertThat(tone.onAct().contrast(tone.act())).isGreaterThanOrEqualTo(4.5);
            assertThat(tone.act().contrast(tone.ground())).isGreaterThanOrEqualTo(1.2);
        }
    }

    @Property(tries = 300)
    void aPaletteOfAnyColoursPassesAndBearsThem(
            @ForAll @IntRange(max = 0xffffff) int seed, @ForAll @IntRange(max = 0xffffff) int second) {
        Colour accent = Colour.of(String.format("#%06X", seed));
        Colour ground = Colour.of(String.format("#%06X", second));
        Colour back = Oklch.of(accent).colour();
        assertThat(Math.abs(back.red() - accent.red())
                        + Math.abs(back.green() - accent.green())
                        + Math.abs(back.blue() - accent.blue()))
                .as("there and back in OKLCH")
                .isLessThanOrEqualTo(2);
        for (Palette palette : Stream.concat(Palette.of(accent, null).stream(), Palette.of(accent, ground).stream())
                .toList()) {
            Look look = new Look("x", "X", palette.settings());
            assertThat(ContrastPair.of(look)).as(palette.name()).allMatch(ContrastPair::passes);
        }
    }

    @Test
    void tonesOfALooksOwnGoByTheirNamesAndWhatItHasNotIsPlain() {
        Look dusk = ReadySite.look("dusk");
        Look moss = dusk.with("toneFirst", Value.of("#DCE6D0")).with("toneFirstName", Value.of("Lichen"));
        assertThat(Tone.of(dusk)).extracting(Tone::key).containsExactly("plain", "tinted", "deep", "accent");
        assertThat(Tone.of(moss)).extracting(Tone::label).endsWith("Lichen");
        assertThat(Tone.of(moss, "first").ground().hex()).isEqualTo("#DCE6D0");
        assertThat(Tone.of(dusk, "first").key()).isEqualTo("plain");
        assertThat(StyleSheet.of(moss, Files.NONE).css()).contains(".t-first{");
        Look dark = moss.with("toneFirstWords", Value.of("#CCDDBB"));
        assertThat(ContrastPair.of(dark))
                .filteredOn(p -> !p.passes())
                .extracting(ContrastPair::label)
                .containsExactly("Words on “Lichen”");
    }

    /** What the contact sheet stands on: a colour that is tried is shown by the custom properties alone. */
    @Property(tries = 60)
    void aColourChangesTheTokensAndNothingElse(@ForAll @IntRange(max = 0xffffff) int rgb) {
        Look before = ReadySite.look("dusk");
        for (var setting : ThemeSettings.all()) {
            if (setting.type() == PropertyType.COLOUR) {
                Look after = before.with(setting.key(), hex(rgb));
                assertThat(rest(after)).as(setting.key()).isEqualTo(rest(before));
            }
        }
    }

    private static String rest(Look look) {
        return StyleSheet.of(look, Files.NONE).css().replace(StyleSheet.tokens(look), "");
    }

    @Test
    void visitorsSwitchWhereTheLookLetsThem() {
        Look dark = ReadySite.look("dusk").with("byNight", Value.of(true));
        String machines = StyleSheet.of(dark, Files.NONE).css();
        String switched = StyleSheet.of(dark.with("nightSwitch", Value.of(true)), Files.NONE)
                .css();
        assertThat(machines).contains(":root .t-tinted{").doesNotContain("data-scheme");
        assertThat(switched)
                .contains("(prefers-color-scheme:dark){:root:not([data-scheme=light]){")
                .contains("@media screen{:root[data-scheme=dark]{");
    }

    @Test
    void aFontOfTheSitesOwnIsNamedByItsPlaceAndStoodInForByItsLike() {
        Media font = Media.file("f", "Moor", new Hash("a".repeat(64)), "woff2", 9)
                .withFont(new Font("Moor", false, 300, 700, "serif", ""));
        Look own = ReadySite.look("dusk").with("headingFont", Value.of("own")).with("headingFile", Value.of("f"));
        Files files = id -> Optional.of(font).filter(f -> f.id().equals(id));
        assertThat(StyleSheet.of(own, files).css())
                .contains(
                        "@font-face{font-family:\"own-heading\";font-style:normal;font-display:swap;font-weight:300 700;"
                                + "src:url(" + font.path() + ")")
                .contains("--own-heading:Georgia,serif");
        assertThat(StyleSheet.fonts(own, files, false)).startsWith(font.path());
        assertThat(StyleSheet.fonts(own, files, true)).anyMatch(f -> f.endsWith("-italic.woff2"));
        assertThat(StyleSheet.of(own, Files.NONE).css()).as("its file is gone").doesNotContain("url(/-/media");
    }

    @Test
    void aPictureIsKnownByItsStrongestHuesAndByItsDarkestGreyWhereItHasNone() {
        int[] logo = new int[100];
        java.util.Arrays.fill(logo, 0, 50, 0xff2f6f4f);
        java.util.Arrays.fill(logo, 50, 70, 0xffc0562a);
        java.util.Arrays.fill(logo, 70, 80, 0x00ff00ff);
        java.util.Arrays.fill(logo, 80, 100, 0xffffffff);
        assertThat(Seeds.of(logo)).extracting(Colour::hex).containsExactlyInAnyOrder("#2F6F4F", "#C0562A");
        assertThat(Seeds.of(new int[] {0xffeeeeee, 0xff222222, 0xff888888}))
                .extracting(Colour::hex)
                .containsExactly("#222222");
        assertThat(Seeds.of(new int[] {0x00123456})).isEmpty();
    }

    @Test
    void oneStylesheetPerThemeKnownByItsHash() {
        Look dusk = ReadySite.look("dusk");
        assertThat(StyleSheet.of(dusk, Files.NONE).path())
                .isEqualTo(StyleSheet.of(ReadySite.look("dusk"), Files.NONE).path());
        Look other = dusk.with("headingFont", Value.of("bitter"));
        assertThat(StyleSheet.of(other, Files.NONE).path())
                .isNotEqualTo(StyleSheet.of(dusk, Files.NONE).path());
        assertThat(StyleSheet.of(other, Files.NONE).css()).contains("\"Bitter\"", "bitter-latin-wght-normal.woff2");
    }

    @Test
    void onlyALookThatIsSetToFollowsTheVisitorsDarkSetting() {
        Look dusk = ReadySite.look("dusk");
        assertThat(StyleSheet.of(dusk, Files.NONE).css()).doesNotContain("prefers-color-scheme");
        assertThat(StyleSheet.of(dusk.with("byNight", Value.of(true)), Files.NONE)
                        .css())
                .contains("@media screen and (prefers-color-scheme:dark){:root{color-scheme:dark;")
                .contains(StyleSheet.colours(Tone.byNight(dusk).get(0), "plain-"));
    }

    @Test
    void everyArrangementHasRulesOfItsOwnAndTheWholeStaysLight() throws IOException {
        Look dusk = ReadySite.look("dusk");
        Set<String> sheets = new HashSet<>();
        int choices = 0;
        for (String setting : Rules.ARRANGED) {
            for (Choice choice : ThemeSettings.require(setting).choices()) {
                String css = StyleSheet.of(dusk.with(setting, Value.of(choice.value())), Files.NONE)
                        .css();
                ByteArrayOutputStream packed = new ByteArrayOutputStream();
                try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
                    gzip.write(css.getBytes(StandardCharsets.UTF_8));
                }
                assertThat(packed.size()).as(choice.value()).isLessThan(30_000);
                assertThat(css).doesNotContain("@deep", "@plain", "@tinted", "@accent");
                sheets.add(css);
                choices++;
            }
        }
        assertThat(sheets).hasSize(choices - Rules.ARRANGED.size() + 1);
    }

    private static Value hex(int rgb) {
        return Value.of(String.format("#%06X", rgb));
    }
}
