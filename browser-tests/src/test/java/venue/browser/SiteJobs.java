package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Jobs done with a whole site, its look and its kinds. */
final class SiteJobs {

    static final List<Job> ALL = List.of(
            new Job("titles of one kind lettered otherwise", 5, SiteJobs::titlesOtherwise),
            new Job("a site begun from a beginning", 4, SiteJobs::siteBegun),
            new Job("pages taken from a pack onto another site, home page included", 8, SiteJobs::pagesFromPack),
            new Job("a template made on one site and worn on another", 8, SiteJobs::templateElsewhere),
            new Job("a kind whose pages wear one template more alone", 5, SiteJobs::onlyTheseTemplates),
            new Job("looks compared zoomed out, and one worn", 6, SiteJobs::looksCompared),
            new Job("the strips around every page set part by part", 11, SiteJobs::strips),
            new Job("a page begun like one of a beginning’s, on a site of its own", 6, SiteJobs::beginningsPage));

    private static final String MENU = "Kestrel Moor Observatory";

    private SiteJobs() {}

    private static void titlesOtherwise(Desk at) {
        at.beginAt("/kestrel-moor/kinds/standard");
        at.more("Differ from the theme…");
        at.acts.fill(at.page.getByLabel("Found by words"), "case of the title");
        at.acts.press(at.sheet().getByText("Capitals"));
        assertThat(at.sheet()).containsText("as the theme again");
        at.acts.key("Escape");
        at.open("/kestrel-moor/page/visit");
        assertThat(at.proof().locator(".band h1")).hasCSS("text-transform", "uppercase");
    }

    private static void siteBegun(Desk at) {
        at.beginOnPlan("welcome");
        begin(at, "Tarn Weighbridge");
        assertThat(at.page.locator(".head .site")).containsText("Tarn Weighbridge");
        assertThat(at.page.locator("[role=treeitem]").first()).isVisible();
    }

    static void begin(Desk at, String name) {
        at.acts.press(at.button(MENU));
        at.acts.press(at.page.getByText("New site…"));
        at.acts.fill(at.field("Name"), name);
        at.acts.press("Make it");
        at.page.waitForURL(Pattern.compile(".*/" + name.toLowerCase().replace(' ', '-') + "/plan.*"));
    }

    private static void pagesFromPack(Desk at) {
        at.open("/kestrel-moor/plan/welcome");
        at.button(MENU).click();
        Download saved = at.page.waitForDownload(
                () -> at.page.getByText("Save the whole site as a pack").click());
        Path pack = at.data.resolve("moor.venuepack");
        saved.saveAs(pack);
        at.page.keyboard().press("Escape");
        begin(at, "Fell Quay");
        at.beginAt("/fell-quay/plan");
        at.acts.press(at.button("Fell Quay"));
        at.acts.press(at.page.getByText("Bring in a pack…"));
        at.acts.give(at.page.getByLabel("Choose a pack"), pack);
        at.acts.press(at.page.getByLabel("Only pages that I choose"));
        at.acts.press(at.page.getByLabel("Bring in Welcome to the moor"));
        at.acts.press(at.page.getByLabel("Bring in Opening times"));
        at.acts.press(at.page.getByLabel("The topmost in place of a page"));
        assertThat(at.sheet()).containsText("This is your home page");
        at.acts.press(at.button("Bring in \\d+ items"));
        assertThat(at.page.locator("[role=treeitem]").first()).containsText("Welcome to the moor");
        assertThat(at.page.locator("[role=tree]")).containsText("Opening times");
    }

    private static void templateElsewhere(Desk at) {
        at.open("/kestrel-moor/plan/welcome");
        begin(at, "Sound Locks");
        at.beginAt("/kestrel-moor/templates");
        at.acts.press(at.page.getByText("New template…"));
        at.acts.fill(at.field("Name"), "Night report");
        at.acts.key("Enter");
        assertThat(at.page.locator(".title input")).hasValue("Night report");
        at.more("Give it to all sites");
        assertThat(at.page.getByText("“Night report” is in the library for all sites."))
                .isVisible();
        at.open("/sound-locks/new");
        at.acts.press(at.button("Take and wear it: Night report"));
        assertThat(at.page.locator(".choice .on").first()).containsText("Night report");
        at.acts.fill(at.field("Name"), "First night");
        at.make();
        assertThat(at.page.locator(".strip")).containsText("Night report");
    }

    /** Of a kind whose pages may wear any. */
    private static void onlyTheseTemplates(Desk at) {
        at.open("/kestrel-moor/kinds/article");
        Sampler.give(at.page, Map.of("verb", "set-kind-templates", "kind", "article", "template", "article-layout"));
        at.beginAt("/kestrel-moor/kinds/article");
        at.acts.press(at.page
                .locator(".fact")
                .filter(new Locator.FilterOptions().setHasText("wear"))
                .locator(".textlink")
                .first());
        at.acts.press(at.sheet()
                .getByText("Only these", new Locator.GetByTextOptions().setExact(false))
                .first());
        at.acts.press(at.sheet().getByText("none but the usual one"));
        at.acts.press(at.sheet().getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("Long read")));
        assertThat(at.sheet()).containsText("2 of ");
        at.acts.press(at.sheet().getByText("Done"));
    }

    private static void strips(Desk at) {
        at.beginAt("/kestrel-moor/theme");
        part(at, "Header");
        at.acts.fill(setting(at, "Call to act").locator("input"), "Come up");
        at.acts.key("Tab");
        assertThat(Chromium.drawing(at.page.locator(".contact .drawn-place").first())
                        .locator("header .in > .tools .button"))
                .hasText("Come up");
        part(at, "Title band");
        at.acts.press(setting(at, "Stands").getByText("In the middle"));
        assertThat(Chromium.drawing(at.page.locator(".contact .drawn-place").nth(2))
                        .locator(".band"))
                .hasCSS("text-align", "center");
        at.acts.press(setting(at, "Background").getByText("Picture"));
        ShapeJobs.give(at, setting(at, "Wants 1600 px").locator(".picture"), "band.png");
        assertThat(Chromium.drawing(at.page.locator(".contact .drawn-place").nth(2))
                        .locator(".band img"))
                .isAttached();
        ShapeJobs.screen(at, "Templates");
        at.acts.press(at.page.getByText("All side by side…"));
        at.acts.press(at.page
                .locator("tbody tr")
                .filter(new Locator.FilterOptions().setHasText("Article"))
                .locator(".cell")
                .nth(1));
        at.acts.press(at.exactly(at.page.locator(".editor"), "Left"));
        at.open("/kestrel-moor/page/article-1");
        assertThat(at.proof().locator(".page.has-left")).isVisible();
    }

    static void part(Desk at, String name) {
        Locator head = at.page
                .locator(".part")
                .filter(new Locator.FilterOptions().setHasText(name))
                .first();
        if (head.getAttribute("aria-expanded").equals("false")) {
            at.acts.press(head);
        }
    }

    static Locator setting(Desk at, String label) {
        return at.page.locator(".setting").filter(new Locator.FilterOptions().setHasText(label));
    }

    private static void beginningsPage(Desk at) {
        at.open("/kestrel-moor/plan/welcome");
        begin(at, "Gill Printworks");
        at.beginAt("/gill-printworks/plan");
        at.acts.key("n");
        at.acts.fill(at.field("Name"), "What we print");
        at.makeIn("Listing");
        assertThat(at.page.locator(".strip")).containsText("Listing");
        at.release();
    }

    private static void looksCompared(Desk at) {
        at.beginAt("/kestrel-moor/theme");
        at.acts.press(at.button("Compare \\d+ looks"));
        for (String look : List.of("Press", "Almanac", "Civic")) {
            at.acts.press(look);
        }
        assertThat(at.page.locator(".columns section header b")).hasCount(4);
        Locator civic = at.page
                .locator(".columns section")
                .filter(new Locator.FilterOptions().setHas(at.page.getByText("Civic")));
        at.acts.press(civic.getByText("Wear it…"));
        at.acts.press("Wear Civic");
        assertThat(at.page.locator(".screen-head")).containsText("wears Civic");
    }
}
