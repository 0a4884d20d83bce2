package venue.core.show.legibility;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.section.Section;
import venue.core.model.theme.Look;

class LegibilityTest {

    private static final Edition SITE = Sites.small();

    private static Section section(String... settings) {
        Section section = Compose.section("s", "S", Compose.text("<p>Words</p>"));
        for (int i = 0; i < settings.length; i += 2) {
            section = section.with(settings[i], Value.of(settings[i + 1]));
        }
        return section;
    }

    private static Edition with(String dark, String light) {
        Media media = Media.picture("pic", "Sky", new Hash("0".repeat(64)), "jpg", 800, 600, List.of(800))
                .withWeight(1, List.of(dark, light));
        return SITE.with(List.of(media), List.of());
    }

    static Stream<Look> looks() {
        return SITE.all(Look.class);
    }

    @ParameterizedTest
    @MethodSource("looks")
    void everyReadyMadePatternCanBeReadInEveryReadyMadeLook(Look look) {
        Edition dressed = SITE.with(List.of(SITE.site().withLook(look.id())), List.of());
        assertThat(dressed.patterns().flatMap(p -> p.sections().stream()))
                .allSatisfy(
                        s -> assertThat(Legibility.of(dressed, s)).as(s.name()).isEmpty());
    }

    @Test
    void theTonesOwnGroundIsNeverInTheWay() {
        for (String tone : List.of("plain", "tinted", "deep", "accent")) {
            assertThat(Legibility.of(SITE, section("tone", tone))).isEmpty();
            assertThat(Legibility.of(SITE, section("tone", tone, "back", "gradient")))
                    .as("the gradient that is given first, " + tone)
                    .isEmpty();
        }
    }

    @Test
    void lightWordsOnALightColourAreToldWithATone() {
        Section weak = section("tone", "deep", "back", "colour", "backColour", "page");
        Legibility found = Legibility.of(SITE, weak).orElseThrow();
        assertThat(found.ratio()).isLessThan(4.5);
        assertThat(found.says()).contains("4.5 is asked");
        Section mended = weak.with(found.mend().key(), found.mend().value());
        assertThat(Legibility.of(SITE, mended)).isEmpty();
    }

    @Property(tries = 200)
    void aColumnOnAnyColourIsToldWhereItCantBeReadAndItsMendCan(@ForAll @IntRange(max = 0xffffff) int rgb) {
        Value colour = Value.of(String.format("#%06X", rgb));
        for (String tone : List.of("plain", "deep")) {
            Section section = section("tone", tone)
                    .withColumn("c1", "ground", Value.of("colour"))
                    .withColumn("c1", "groundColour", colour);
            Legibility.of(SITE, section).ifPresent(found -> {
                assertThat(found.mend().column()).isEqualTo("c1");
                Section mended = section.withColumn(
                        "c1", found.mend().key(), found.mend().value());
                assertThat(Legibility.of(SITE, mended)).isEmpty();
            });
        }
    }

    @Test
    void whatTheThemePutsBehindBandAndPageIsMeasuredAndMended() {
        Edition site = with("#0A0A0A", "#F4F4F4");
        Look look = site.theme()
                .with("bandBack", Value.of("picture"))
                .with("bandPicture", Value.of("pic"))
                .with("bandVeil", Value.of(0))
                .with("pageTexture", Value.of("picture"))
                .with("pagePicture", Value.of("pic"))
                .with("textureStrength", Value.of(100));
        List<Legibility> found = Legibility.ofLook(site, look);
        assertThat(found).extracting(l -> l.mend().key()).containsExactly("bandVeil", "textureStrength");
        for (Legibility each : found) {
            look = look.with(each.mend().key(), each.mend().value());
        }
        assertThat(Legibility.ofLook(site, look)).isEmpty();
        assertThat(Legibility.ofLook(SITE, SITE.theme())).isEmpty();
    }

    @Test
    void aVeilThatIsDenseEnoughIsTheNearestMendOnAPicture() {
        Edition site = with("#0A0A0A", "#F4F4F4");
        Section weak =
                section("tone", "deep", "back", "picture", "picture", "pic").with("veil", Value.of(0));
        Legibility found = Legibility.of(site, weak).orElseThrow();
        assertThat(found.mend().key()).isEqualTo("veil");
        assertThat(Legibility.of(site, weak.with("veil", found.mend().value()))).isEmpty();
    }

    /** Whatever the picture and the veil: what is offered mends it. */
    @Property(tries = 150)
    void theMendMends(
            @ForAll @IntRange(max = 255) int dark,
            @ForAll @IntRange(max = 255) int light,
            @ForAll @IntRange(max = 18) int veil) {
        String grey =
                String.format("#%02X%02X%02X", Math.min(dark, light), Math.min(dark, light), Math.min(dark, light));
        String other =
                String.format("#%02X%02X%02X", Math.max(dark, light), Math.max(dark, light), Math.max(dark, light));
        Edition site = with(grey, other);
        Section section =
                section("tone", "tinted", "back", "picture", "picture", "pic").with("veil", Value.of(veil * 5));
        Legibility.of(site, section)
                .ifPresent(found -> assertThat(Legibility.of(
                                site,
                                section.with(found.mend().key(), found.mend().value())))
                        .as(found.mend().label())
                        .isEmpty());
    }

    @Test
    void aPictureWhoseShadesNobodyKnowsIsLeftAlone() {
        Section section = section("back", "picture", "picture", "nothing-here");
        assertThat(Legibility.of(SITE, section)).isEmpty();
    }
}
