package venue.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.ElementHandle;
import com.microsoft.playwright.Frame;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Takes the pictures in docs/screenshots from the demo, as {@code ./venue screenshots}. */
class Screenshots {

    private static final int HIGH = 800;

    @TempDir
    Path data;

    private final Path folder = Path.of(System.getProperty("venue.screenshots", "target/screenshots"));

    @Test
    void takeThem() {
        try (Running venue = Running.at(8099, data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, HIGH)) {
            Page page = chromium.signedIn(context, venue, "maja");
            take(page, venue.venue("/kestrel-moor/plan/open-nights"), "plan");
            page.keyboard().press("t");
            take(page, "fitting");
            take(page, venue.venue("/kestrel-moor/new?parent=visit"), "new-page");
            take(page, venue.venue("/kestrel-moor/page/open-nights?section=open-nights-bring"), "page");
            take(page, venue.venue("/kestrel-moor/media/trails"), "media");
            take(page, venue.venue("/kestrel-moor/kinds/open-night"), "kind", p -> field(p));
            take(page, venue.venue("/kestrel-moor/patterns"), "patterns");
            take(page, venue.venue("/kestrel-moor/templates"), "templates");
            rollOut(page);
            take(page, venue.venue("/kestrel-moor/templates/field-guide"), "template");
            take(page, venue.venue("/kestrel-moor/roll-out/field-guide"), "roll-out", this::cell);
            take(page, venue.venue("/kestrel-moor/theme"), "theme");
            take(page, venue.venue("/kestrel-moor/survey"), "survey");
            take(page, venue.venue("/kestrel-moor/releases"), "releases");
            take(page, venue.venue("/-/people"), "people");
            take(page, venue.site("/"), "site-home");
            upkeep(venue, page);
            answers(venue, page);
            members(venue, page);
        }
    }

    /** What visitors sent, one of it as a slip. */
    private void answers(Running venue, Page page) {
        page.navigate(venue.venue("/kestrel-moor/answers/booking-form"));
        page.getByText("Priya Halloran").click();
        page.locator(".slip-pane").waitFor();
        take(page, "answers");
    }

    /** The members, one of them chosen. */
    private void members(Running venue, Page page) {
        page.navigate(venue.venue("/kestrel-moor/members"));
        page.getByText("Noor Hollis").click();
        page.getByLabel("The chosen member").waitFor();
        take(page, "members");
    }

    /** A folder that nobody has set up, in the middle of it. */
    @Test
    void takeSetUp() {
        try (Running venue = Running.empty(data, Map.of());
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, HIGH)) {
            Page page = context.newPage();
            page.navigate(venue.venue("/"));
            page.getByLabel("Code, from").fill(venue.code());
            page.keyboard().press("Enter");
            page.getByLabel("Name, as colleagues know it").fill("Ines Holm");
            page.getByLabel("E-mail, to sign in with").fill("ines@loomgate-yard.example");
            page.getByLabel("Password").fill("otter velvet kettle nine");
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Loomgate Yard");
            page.frameLocator("iframe[title^='Worked example']")
                    .getByText("The sky is open")
                    .waitFor();
            take(page, "set-up");
        }
    }

    private static void field(Page page) {
        page.locator("[data-field=places] .name").click();
    }

    /** A template worn by six new pages, changed since, and some of them changed too. */
    private static void rollOut(Page page) {
        give(page, "make-template", Map.of("id", "field-guide", "name", "Field guide", "from", "wide"));
        List<Map<String, Object>> pages = new ArrayList<>();
        for (String title : List.of("Moths", "Lichens", "Winter birds", "Bog plants", "Owls", "Night sounds")) {
            pages.add(Map.of("id", "guide-" + title.toLowerCase(Locale.ROOT).replace(' ', '-'), "title", title));
        }
        give(
                page,
                "make-pages",
                Map.of(
                        "as",
                        Map.of("kind", "standard", "template", "field-guide"),
                        "where",
                        Map.of("parent", "learn"),
                        "pages",
                        pages,
                        "menus",
                        List.of(),
                        "settings",
                        Map.of()));
        write(page, "guide-moths", "A lead of their own");
        write(page, "field-guide", "What lives on the moor after dark, and how to meet it without a lamp");
        give(
                page,
                "place-section",
                Map.of(
                        "item",
                        "field-guide",
                        "zone",
                        "main",
                        "index",
                        1,
                        "id",
                        "where-to-look",
                        "pattern",
                        "checklist",
                        "spans",
                        List.of()));
        give(page, "set-value", Map.of("item", "guide-owls", "key", "alone", "value", true));
    }

    private static void write(Page page, String item, String words) {
        String section = item.equals("field-guide")
                ? "s1"
                : String.valueOf(page.evaluate(
                        "async (id) => (await (await fetch('/api/sites/kestrel-moor/pages/' + id)).json())"
                                + ".zones[0].sections[0].section.id",
                        item));
        give(
                page,
                "set-value",
                Map.of(
                        "item",
                        item,
                        "section",
                        section,
                        "element",
                        "e1",
                        "key",
                        "text",
                        "value",
                        "<p>" + words + "</p>"));
    }

    private static void give(Page page, String verb, Map<String, Object> arguments) {
        Map<String, Object> command = new HashMap<>(arguments);
        command.put("verb", verb);
        String refused = Sampler.give(page, command);
        if (!refused.isEmpty()) {
            throw new IllegalStateException(refused);
        }
    }

    private void cell(Page page) {
        page.locator(".cell.must").first().click();
        Chromium.settle(page);
    }

    private void upkeep(Running venue, Page page) {
        page.navigate(venue.venue("/-/upkeep"));
        page.getByText("Every day at").click();
        page.getByText("Make one now").click();
        page.getByText(Pattern.compile("venue-.*[.]venuebackup")).first().waitFor();
        take(page, "upkeep");
    }

    private void take(Page page, String address, String name, Consumer<Page> first) {
        page.navigate(address);
        page.locator("article.card, .matrix, [data-field]").first().waitFor();
        first.accept(page);
        take(page, name);
    }

    private void take(Page page, String address, String name) {
        page.navigate(address);
        take(page, name);
    }

    private void take(Page page, String name) {
        Chromium.settle(page);
        List<Frame> inSight = page.querySelectorAll("iframe").stream()
                .filter(f -> f.boundingBox() != null && f.boundingBox().y < HIGH)
                .map(ElementHandle::contentFrame)
                .toList();
        page.waitForCondition(() -> inSight.stream().noneMatch(f -> f.url().isEmpty()));
        inSight.forEach(Frame::waitForLoadState);
        page.waitForFunction(
                "() => [...document.querySelectorAll('.drawn-place')].every((p) => p.hasAttribute('data-drawn')"
                        + " || p.getBoundingClientRect().top > innerHeight || !p.clientWidth)");
        Chromium.settle(page);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
