package venue.core.basics.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.fault.Refusal;

class SvgCleanerTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>",
                "<rect onload='alert(1)'/>",
                "<a href='javascript:alert(1)'><rect/></a>",
                "<use href='https://evil.example/x.svg#a'/>",
                "<use xlink:href='data:image/svg+xml,x'/>",
                "<image href='https://evil.example/x.png'/>",
                "<foreignObject><iframe src='https://evil.example'/></foreignObject>",
                "<style>@import url(https://evil.example)</style>",
                "<rect style='background:url(https://evil.example)'/>",
                "<rect fill='url(https://evil.example#x)'/>",
                "<rect fill='u\\72l(https://evil.example#x)'/>",
                "<rect fill='url/**/(//evil.example)'/>",
                "<rect fill=\"image-set('https://evil.example/x.png' 1x)\"/>",
                "<g><?xml-stylesheet href='https://evil.example/x.css'?></g>",
                "<animate attributeName='href' to='javascript:alert(1)'/>",
                "<set attributeName='onload' to='alert(1)'/>"
            })
    void whatRunsOrLoadsIsTakenOut(String attack) {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' onload='alert(0)'>" + attack + "<circle r='3'/></svg>";
        String clean = SvgCleaner.clean(svg).orElseThrow().svg();
        assertThat(SvgCleaner.clean(clean).orElseThrow().takenOut()).isEmpty();
        assertThat(clean).contains("<circle r=\"3\"");
        assertThat(clean.toLowerCase(java.util.Locale.ROOT))
                .doesNotContain("alert", "evil", "script", "onload", "foreign", "data:", "animate", "<set");
    }

    @Property
    void cleaningTwiceChangesNothing(@ForAll String inside) {
        SvgCleaner.clean("<svg viewBox='0 0 9 9'>" + inside + "</svg>")
                .ifPresent(once -> assertThat(
                                SvgCleaner.clean(once.svg()).orElseThrow().svg())
                        .isEqualTo(once.svg()));
    }

    @Test
    void itsSizeIsItsOwnOrThatOfItsViewBox() {
        assertThat(SvgCleaner.clean("<svg width='40px' height='30'/>")
                        .orElseThrow()
                        .width())
                .isEqualTo(40);
        assertThat(SvgCleaner.clean("<svg viewBox='0 0 120 80.5'/>")
                        .orElseThrow()
                        .height())
                .isEqualTo(80);
        assertThat(SvgCleaner.clean("<svg width='100%'/>").orElseThrow().width())
                .isEqualTo(300);
        assertThat(SvgCleaner.clean("<html><p>no drawing</p></html>")).isEmpty();
        assertThat(SvgCleaner.clean("nothing at all")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"<use href='#a'/>", "<rect fill='url(#a)'/>", "<rect mask='url( \"#a\" )'/>"})
    void whatIsDrawnAgainAndAgainIsRefused(String again) {
        StringBuilder bomb = new StringBuilder("<svg><g id='a'><rect/></g>");
        for (char id = 'b'; id < 'h'; id++) {
            String part = again.replace("#a", "#" + (char) (id - 1));
            bomb.append("<g id='")
                    .append(id)
                    .append("'>")
                    .append(part.repeat(10))
                    .append("</g>");
        }
        assertThatThrownBy(() -> SvgCleaner.clean(bomb + "<use href='#g'/></svg>"))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> SvgCleaner.clean("<svg><g id='a'>" + again + "</g></svg>"))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> SvgCleaner.clean("<svg>" + "<g>".repeat(20_000) + "</svg>"))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void gradientsAndLocalReferencesStay() {
        String svg =
                "<svg viewBox='0 0 9 9'><defs><linearGradient id='g'><stop offset='0' stop-color='#fff'/></linearGradient>"
                        + "</defs><rect fill='url(#g)'/><use href='#g'/></svg>";
        assertThat(SvgCleaner.clean(svg).orElseThrow().svg())
                .contains("url(#g)", "linearGradient", "href=\"#g\"", "viewBox");
    }
}
