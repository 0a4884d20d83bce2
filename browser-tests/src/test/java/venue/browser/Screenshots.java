package venue.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Takes the pictures in docs/screenshots from the demo, as {@code ./venue screenshots}. */
class Screenshots {

    private static final int SETTLE_MS = 2500;

    @TempDir
    Path data;

    private final Path folder = Path.of(System.getProperty("venue.screenshots", "target/screenshots"));

    @Test
    void takeThem() {
        try (Running venue = Running.at(8099, data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 800)) {
            Page page = chromium.signedIn(context, venue, "maja");
            take(page, venue.venue("/kestrel-moor/plan/open-nights"), "plan");
            page.keyboard().press("t");
            take(page, "fitting");
            take(page, venue.venue("/kestrel-moor/new?parent=visit"), "new-page");
            take(page, venue.venue("/kestrel-moor/page/open-nights?section=open-nights-bring"), "page");
            page.keyboard().press("i");
            take(page, "pattern-tray");
            page.keyboard().press("Escape");
            take(page, venue.venue("/kestrel-moor/theme"), "theme");
            take(page, venue.venue("/kestrel-moor/survey"), "survey");
            take(page, venue.venue("/kestrel-moor/survey?part=sitemap"), "sitemap");
            take(page, venue.venue("/kestrel-moor/releases"), "releases");
            take(page, venue.site("/"), "site-home");
            page.setViewportSize(390, 800);
            take(page, venue.site("/visit"), "site-narrow");
        }
    }

    private void take(Page page, String address, String name) {
        page.navigate(address);
        take(page, name);
    }

    private void take(Page page, String name) {
        page.waitForTimeout(SETTLE_MS);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
