package venue.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.function.Consumer;
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
            take(page, venue.venue("/kestrel-moor/page/visit"), "section-settings", p -> settings(p));
            take(page, venue.venue("/kestrel-moor/page/visit"), "history", p -> history(p));
            take(page, venue.venue("/kestrel-moor/media/trails"), "media");
            take(page, venue.venue("/kestrel-moor/theme"), "theme");
            take(page, venue.venue("/kestrel-moor/survey"), "survey");
            take(page, venue.venue("/kestrel-moor/survey?part=sitemap"), "sitemap");
            take(page, venue.venue("/kestrel-moor/releases"), "releases");
            take(page, venue.site("/"), "site-home");
            elements(page);
            page.setViewportSize(390, 800);
            take(page, venue.site("/visit"), "site-narrow");
        }
    }

    private static void settings(Page page) {
        Locator card = page.locator("article.card").nth(1);
        card.locator(".name").click();
        card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Settings"))
                .click();
        card.locator(".v-select").nth(1).click();
        page.locator(".v-list-item-title").getByText("Gradient").click();
        page.waitForTimeout(SETTLE_MS);
        card.locator(".v-select").nth(3).click();
        page.locator(".v-list-item-title").getByText("Surface deep").last().click();
    }

    private static void history(Page page) {
        page.locator(".strip")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("More"))
                .click();
        page.getByText("History…").click();
    }

    private void elements(Page page) {
        page.navigate(page.url().replaceAll("kestrel-moor\\.(localhost:\\d+).*", "$1/kestrel-moor/survey"));
        page.locator(".stand").waitFor();
        Sampler.make(page);
        page.navigate(Sampler.proof(page, "page/sampler"));
        page.waitForTimeout(SETTLE_MS);
        page.locator("iframe.own-html").scrollIntoViewIfNeeded();
        page.waitForTimeout(SETTLE_MS);
        page.addStyleTag(
                new Page.AddStyleTagOptions().setContent("main{columns:3;column-gap:0}.s{break-inside:avoid}"));
        page.screenshot(new Page.ScreenshotOptions()
                .setPath(folder.resolve("elements.png"))
                .setFullPage(true));
    }

    private void take(Page page, String address, String name, Consumer<Page> first) {
        page.navigate(address);
        page.locator("article.card").first().waitFor();
        first.accept(page);
        take(page, name);
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
