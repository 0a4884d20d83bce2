package venue.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.server.Further;
import venue.server.Sampled;

/** Every kind of element and every pattern in the browser: wide and narrow, axe-core, and nothing in them that runs. */
@Further
class SamplerTest {

    private static final int[] WIDTHS = {1280, 360};
    private static final String TOO_WIDE = "() => document.documentElement.scrollWidth - innerWidth";

    /** Texts that would set {@code window.ran} if any of them ran. */
    private static final List<String> ATTACKS = List.of(
            "<script>parent.ran=window.ran=1</script>",
            "<img src=x onerror=window.ran=1>",
            "<svg onload=window.ran=1>",
            "<svg><script>window.ran=1</script></svg>",
            "<p style=animation:x onanimationstart=window.ran=1>x</p>",
            "<details open ontoggle=window.ran=1><summary>x</summary></details>",
            "<iframe srcdoc='<script>parent.ran=1</script>'></iframe>",
            "<iframe src=javascript:parent.ran=1></iframe>",
            "<object data=javascript:window.ran=1></object>",
            "<math><mtext><table><mglyph><style><img src=x onerror=window.ran=1>",
            "<noscript><p title='</noscript><img src=x onerror=window.ran=1>'>",
            "<a href='javascript:window.ran=1'>click</a>",
            "<a href='java&#9;script:window.ran=1'>click</a>",
            "<form action=javascript:window.ran=1><button>x</button></form>",
            "<input autofocus onfocus=window.ran=1>",
            "<base href=javascript:window.ran=1//>",
            "<meta http-equiv=refresh content='0;javascript:window.ran=1'>",
            "\"><script>window.ran=1</script>",
            "'-window.ran=1-'",
            "<!--><script>window.ran=1</script>-->");

    @TempDir
    Path data;

    @Test
    void everyElementAndPatternStandsWideAndNarrowAndCanBeReadByAll() {
        try (Running venue = Running.start(data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 900)) {
            Page page = chromium.signedIn(context, venue, "maja");
            assertThat(Sampler.make(page)).as("refusals").isEmpty();
            List<String> addresses = new ArrayList<>(List.of(Sampler.proof(page, "page/sampler")));
            List<String> patterns = Sampler.patterns(page);
            assertThat(patterns).hasSizeGreaterThan(44);
            Sampled.of("patterns", patterns, 12)
                    .forEach(p -> addresses.add(Sampler.proof(page, "pattern/" + p + "?drawn=sampler")));
            SoftAssertions all = new SoftAssertions();
            for (String address : addresses) {
                look(page, address, all);
            }
            all.assertAll();
        }
    }

    private static void look(Page page, String address, SoftAssertions all) {
        String name = address.replaceAll(".*/", "");
        page.navigate(address);
        all.assertThat(Chromium.violations(page).stream()
                        .filter(v -> !v.startsWith("page-has-heading-one"))
                        .toList())
                .as(name)
                .isEmpty();
        for (int width : WIDTHS) {
            page.setViewportSize(width, 900);
            all.assertThat(((Number) page.evaluate(TOO_WIDE)).intValue())
                    .as(name + " at " + width)
                    .isLessThanOrEqualTo(0);
        }
    }

    @Test
    void nothingThatIsWrittenRuns() {
        try (Running venue = Running.start(data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 900)) {
            Page page = chromium.signedIn(context, venue, "maja");
            Sampler.make(page);
            for (String attack : Sampled.of("attacks", ATTACKS, 6)) {
                Sampler.write(page, "text", "text", attack);
                Sampler.write(page, "heading", "text", attack);
                Sampler.write(page, "table", "cells", attack);
                Sampler.write(page, "own-html", "html", attack);
                page.navigate(Sampler.proof(page, "page/sampler"));
                page.locator("summary").all().forEach(s -> s.click());
                Chromium.settle(page);
                assertThat(page.evaluate("() => window.ran ?? null")).as(attack).isNull();
                page.navigate(venue.venue("/kestrel-moor/survey"));
                page.locator(".stand").waitFor();
            }
        }
    }
}
