package venue.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.server.Sampled;

/** axe-core on the interface's screens and on the public demo. */
class AccessTest {

    private static final List<String> SCREENS = List.of(
            "plan/open-nights",
            "page/open-nights",
            "new?parent=visit",
            "theme",
            "theme?at=palette",
            "theme?looks=press+almanac",
            "survey",
            "templates",
            "templates/wide",
            "roll-out/wide",
            "kinds",
            "kinds/open-night",
            "page/orion/form",
            "page/groups",
            "survey?part=sitemap",
            "releases",
            "settings",
            "letters",
            "subscribers/letters-form",
            "members",
            "media/trails",
            "media/guide-moon");
    private static final List<String> PAGES = List.of(
            "/",
            "/visit",
            "/visit/open-nights",
            "/instruments/moorside-radio-dish",
            "/people",
            "/adopt-a-mirror",
            "/news",
            "/-/sign-in",
            "/-/join",
            "/-/forgotten",
            "/-/my-page",
            "/nothing-here");

    private static Running venue;

    /** Both only look. */
    @BeforeAll
    static void open(@TempDir Path data) {
        venue = Running.start(data);
    }

    @AfterAll
    static void close() {
        venue.close();
    }

    @Test
    void noScreenAndNoPublicPageHasAViolation() {
        try (Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 800)) {
            SoftAssertions all = new SoftAssertions();
            Page page = chromium.signedIn(context, venue, "maja");
            for (String screen : Sampled.of("screens", SCREENS, 5)) {
                page.navigate(venue.venue("/kestrel-moor/" + screen));
                page.locator(".stand").waitFor();
                Chromium.settle(page);
                all.assertThat(Chromium.violationsOfScreen(page)).as(screen).isEmpty();
            }
            for (String path : Sampled.of("public pages", PAGES, 3)) {
                page.navigate(venue.site(path));
                all.assertThat(Chromium.violations(page)).as(path).isEmpty();
            }
            page.setViewportSize(375, 800);
            page.navigate(venue.site("/visit"));
            page.locator(".menu-button").click();
            all.assertThat(Chromium.violations(page)).as("narrow, menu open").isEmpty();
            all.assertAll();
        }
    }

    @Test
    void aPublicPageReadsWithScriptsOff() {
        try (Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 800)
                        .browser()
                        .newContext(new Browser.NewContextOptions()
                                .setJavaScriptEnabled(false)
                                .setViewportSize(375, 700))) {
            Page page = context.newPage();
            page.navigate(venue.site("/visit"));
            page.locator(".menu-button").click();
            page.locator("#menu").getByText("Tonight").click();
            assertThat(page.url()).isEqualTo(venue.site("/tonight"));
            assertThat(page.locator("h1").innerText()).isEqualTo("Tonight");
        }
    }
}
