package venue.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Debian's headless Chromium, which all tests of a thread share: the one that can do nothing else, where it is installed. */
final class Chromium implements AutoCloseable {

    private static final int PATIENCE_MS = 60_000;

    private static final String STOOD_STILL = "() => new Promise(done => {"
            + " let last = '', same = 0;"
            + " const look = () => {"
            + "  const scrolled = [...document.querySelectorAll('*')].map(e => e.scrollTop).filter(t => t).join();"
            + "  const now = [scrolled, document.body.innerHTML.length, performance.getEntriesByType('resource').length,"
            + "   document.fonts.status, [...document.images].filter(i => !i.complete).length].join(' ');"
            + "  same = now === last ? same + 1 : 0;"
            + "  last = now;"
            + "  same < 15 ? requestAnimationFrame(look) : done();"
            + " };"
            + " look(); })";

    /** Started by the first test of a thread that needs it; it ends with the process. What talks with it is for one thread. */
    private static final ThreadLocal<Browser> RUNNING = new ThreadLocal<>();

    private final Browser browser = running();
    private final List<BrowserContext> contexts = new ArrayList<>();

    private static Browser running() {
        Browser known = RUNNING.get();
        if (known == null || !known.isConnected()) {
            known = Playwright.create(
                            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Stream.of("chromium-headless-shell", "chromium")
                                    .map(Path.of("/usr/bin")::resolve)
                                    .filter(Files::exists)
                                    .findFirst()
                                    .orElseThrow())
                            .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking")));
            RUNNING.set(known);
        }
        return known;
    }

    /** A window; on a busy machine it is waited for longer than usual. */
    BrowserContext context(int width, int height) {
        return context(new Browser.NewContextOptions().setViewportSize(width, height));
    }

    /** A visitor's window that runs no scripts. */
    BrowserContext withoutScripts(int width, int height) {
        return context(
                new Browser.NewContextOptions().setViewportSize(width, height).setJavaScriptEnabled(false));
    }

    /** Nothing glides: what is pressed while its page still scrolls may be missed. */
    private BrowserContext context(Browser.NewContextOptions options) {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        BrowserContext context = browser.newContext(options.setReducedMotion(ReducedMotion.REDUCE));
        context.setDefaultTimeout(PATIENCE_MS);
        contexts.add(context);
        return context;
    }

    /** A window that is signed in as the demo's manager or editor. */
    Page signedIn(BrowserContext context, Running venue, String who) {
        Page page = context.newPage();
        page.navigate(venue.venue("/"));
        page.getByLabel("E-mail").fill(who + "@kestrel-moor.example");
        page.getByLabel("Password").fill(Running.PASSWORD);
        page.keyboard().press("Enter");
        page.locator(".stand").waitFor();
        return page;
    }

    /** Waits until a document has stood still: nothing came, grew or moved for some of its frames. */
    static void settle(Page page) {
        PlaywrightAssertions.assertThat(page.locator(".working")).hasCount(0);
        page.evaluate(STOOD_STILL);
    }

    /** What is drawn in a place, in the one document that draws all of a screen. */
    static Locator drawing(Locator place) {
        String id = place.getAttribute("data-drawing");
        return place.page().frameLocator(".board iframe").locator(".page[data-id='" + id + "']");
    }

    /** The same for the document, of a frame perhaps, in which something stands. */
    static void settle(Locator within) {
        within.evaluate(STOOD_STILL);
    }

    /** Lets go live what is chosen on the screen of releases, and says yes to what is asked first: the demo has places to fill. */
    static void release(Page page) {
        page.locator(".side .go").click();
        page.locator(".v-dialog .strong").click();
    }

    /** Chooses one of several by its words, unrolling them where they aren't in sight. */
    static void choose(Locator choice, String words) {
        PlaywrightAssertions.assertThat(choice).isVisible();
        Locator one = choice.getByRole(
                AriaRole.RADIO, new Locator.GetByRoleOptions().setName(words).setExact(true));
        for (int tries = 1; ; tries++) {
            if (choice.locator(".chosen[aria-expanded=false]").count() > 0) {
                choice.locator(".chosen").click();
            }
            try {
                one.click(new Locator.ClickOptions().setTimeout(PATIENCE_MS / 6.0));
                return;
            } catch (TimeoutError folded) {
                if (tries == 6) {
                    throw folded;
                }
            }
        }
    }

    /** What axe-core finds on a screen of ours, by day and by night; what is pressed has room, too (WCAG 2.2, 2.5.8). */
    static List<String> violationsOfScreen(Page page) {
        List<String> all = new ArrayList<>(violations(page, "{'target-size': {enabled: true}}"));
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
        violations(page, "{}").forEach(v -> all.add("by night: " + v));
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
        return all;
    }

    /** What axe-core finds on the page, each as rule and first places. */
    static List<String> violations(Page page) {
        return violations(page, "{}");
    }

    private static List<String> violations(Page page, String rules) {
        try {
            page.evaluate(Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js")) + ";undefined");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Object found =
                page.evaluate("async () => (await axe.run(document, {iframes: false, rules: " + rules + "})).violations"
                        + ".map(v => v.id + ': ' + v.nodes.slice(0, 3).map(n => n.html.slice(0, 160)).join(' | '))");
        return ((List<?>) found).stream().map(String::valueOf).toList();
    }

    /** Closes the windows that were opened by way of it. */
    @Override
    public void close() {
        contexts.forEach(BrowserContext::close);
    }
}
