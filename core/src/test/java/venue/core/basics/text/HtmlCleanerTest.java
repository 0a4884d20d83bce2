package venue.core.basics.text;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HtmlCleanerTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>",
                "<img src=x onerror=alert(1)>",
                "<a href=\"javascript:alert(1)\">go</a>",
                "<a href=\"JaVa\tScript:alert(1)\">go</a>",
                "<a href=\"data:text/html,<script>1</script>\">go</a>",
                "<p onclick=\"alert(1)\" style=\"background:url(javascript:1)\">x</p>",
                "<svg><script>alert(1)</script></svg>",
                "<iframe src=\"https://example.test\"></iframe>",
                "<p><style>*{display:none}</style>x</p>",
                "<a href=\"//evil.example/x\">go</a>"
            })
    void nothingThatRunsOrLoadsIsLeft(String attack) {
        String clean = HtmlCleaner.clean(attack).html();
        assertThat(clean.toLowerCase(java.util.Locale.ROOT))
                .doesNotContain(
                        "<script",
                        "onerror",
                        "onclick",
                        "javascript:",
                        "data:",
                        "<svg",
                        "<iframe",
                        "<style",
                        "style=",
                        "href=\"//");
    }

    @Property(tries = 500)
    void cleaningTwiceChangesNothing(@ForAll String anything) {
        String once = HtmlCleaner.clean("<p>" + anything + "<b>x</p>").html();
        assertThat(HtmlCleaner.clean(once).html()).isEqualTo(once);
    }

    @Property(tries = 100)
    void linksToPagesAndAddressesStay(@ForAll("targets") String target) {
        assertThat(HtmlCleaner.clean("<a href=\"" + target + "\">x</a>").html()).contains("href=\"" + target + "\"");
    }

    @net.jqwik.api.Provide
    net.jqwik.api.Arbitrary<String> targets() {
        return net.jqwik.api.Arbitraries.of(
                "page:visit",
                "page:visit#when",
                "https://example.test/a?b=c",
                "mailto:a@example.test",
                "tel:+4416329",
                "/visit",
                "#top");
    }
}
