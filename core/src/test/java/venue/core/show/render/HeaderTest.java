package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.theme.Colour;
import venue.core.model.theme.Look;
import venue.core.model.theme.Tone;

/** How the header stands to what it holds, and to what it lies over. */
class HeaderTest {

    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");
    /** As the stylesheet has it, where more is not needed. */
    private static final double LIGHT = 0.3;

    private static final Pattern SCRIM = Pattern.compile("--scrim:(\\d+)%");

    private static Rendered page(Edition site) {
        View view = View.of(site, NOW, "http://loomgate.localhost", View.Mode.VISITOR);
        return PageRenderer.render(view, site.require(Page.class, "weaving"));
    }

    private static Element header(Rendered page) {
        return Jsoup.parse(page.html()).selectFirst("header.top");
    }

    /** The site with title bands on a picture of these shades, in a tone and under a veil. */
    private static Edition pictured(String tone, long veil, Stream<Colour> shades) {
        Media media = Media.picture("pic", "Sky", new Hash("0".repeat(64)), "jpg", 800, 600, List.of(800))
                .withWeight(1, shades.map(Colour::hex).toList());
        Look look = Sites.small()
                .theme()
                .with("headerShape", Value.of("over"))
                .with("bandBack", Value.of("picture"))
                .with("bandPicture", Value.of("pic"))
                .with("bandTone", Value.of(tone))
                .with("bandVeil", Value.of(veil));
        return Sites.small().with(List.of(media, look), List.of());
    }

    @Property(tries = 60)
    void overAPictureItsWordsCanBeReadWhateverThePictureShows(
            @ForAll @IntRange(max = 255) int dark,
            @ForAll @IntRange(max = 255) int light,
            @ForAll @IntRange(max = 9) int veil,
            @ForAll @IntRange(max = 3) int toned) {
        String key = List.of("plain", "tinted", "deep", "accent").get(toned);
        Edition site = pictured(key, veil * 10, Stream.of(dark, light).map(c -> new Colour(c, c, c)));
        Rendered page = page(site);
        assertThat(header(page).classNames()).contains("upon", "t-" + key);
        Matcher scrim = SCRIM.matcher(page.ownStyles());
        double share = scrim.find() ? Integer.parseInt(scrim.group(1)) / 100.0 : LIGHT;
        Tone tone = Tone.of(site.theme(), key);
        for (int shade : new int[] {dark, light}) {
            Colour ground = new Colour(shade, shade, shade)
                    .mix(tone.ground(), veil / 10.0)
                    .mix(tone.ground(), share);
            assertThat(tone.words().contrast(ground))
                    .as("%s, %d", key, shade)
                    .isGreaterThanOrEqualTo(
                            share < 1 ? 4.5 : Math.min(4.5, tone.words().contrast(tone.ground())));
        }
    }

    @Test
    void withoutAPictureBeneathItStandsOnItsOwnGround() {
        Edition site = pictured("deep", 50, Stream.of(new Colour(0, 0, 0)));
        Look plain = site.theme().with("bandBack", Value.of("none"));
        assertThat(header(page(site.with(List.of(plain), List.of()))).classNames())
                .contains("t-plain")
                .doesNotContain("upon");
    }

    @Test
    void aLongMenuStandsCloser() {
        assertThat(header(page(lines(5, 7))).classNames()).doesNotContain("tight");
        assertThat(header(page(lines(9, 12))).classNames()).contains("tight");
    }

    private static Edition lines(int many, int letters) {
        Edition site = Sites.small();
        Menu main = site.require(Menu.class, "main");
        List<Line> lines = IntStream.range(0, many)
                .mapToObj(i -> Line.toPage("l" + i, "weaving").withLabel("x".repeat(letters)))
                .toList();
        return site.with(List.of(main.withLines(lines)), List.of());
    }
}
