package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

/** Jobs that shape a site: its front, its kinds, its branches, what stands around every page. */
final class ShapeJobs {

    static final List<Job> ALL = List.of(
            new Job("a designed home page on a fresh site", 22, ShapeJobs::designedHome),
            new Job("a kind with fields, templates and placement, and a change carried", 35, ShapeJobs::kindMade),
            new Job("a branch whose editors may make only two templates", 9, ShapeJobs::branchOfTwo),
            new Job("a shop front", 19, ShapeJobs::shopFront),
            new Job(
                    "announcements, documents in folders, a list with columns of one’s own",
                    24,
                    ShapeJobs::threeLists));

    private ShapeJobs() {}

    private static FilePayload picture(String name) {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(1600, 900, BufferedImage.TYPE_INT_RGB), "png", png);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new FilePayload(name, "image/png", png.toByteArray());
    }

    static void fact(Desk at, String label) {
        at.acts.press(at.page
                .locator(".fact")
                .filter(new Locator.FilterOptions().setHasText(label))
                .locator(".textlink")
                .first());
    }

    static void screen(Desk at, String name) {
        at.acts.press(at.page.locator(".head nav a").filter(new Locator.FilterOptions().setHasText(name)));
        assertThat(at.page.locator(".screen-head h1")).hasText(name);
    }

    /** A picture that is not there yet, given where it is to stand. */
    static void give(Desk at, Locator place, String name) {
        at.acts.press(place);
        at.acts.give(at.sheet().locator("input[type=file]"), picture(name));
    }

    private static void designedHome(Desk at) {
        at.open("/kestrel-moor/plan/welcome");
        SiteJobs.begin(at, "Beck Ferry");
        at.beginAt("/beck-ferry/plan");
        at.acts.key("n");
        at.acts.fill(at.field("Name"), "Across the beck");
        at.makeIn("Wide");
        at.acts.press(at.page.locator(".insert.last").first());
        PageJobs.placed(at, "Opening over a picture", "Three features", "Call to act");
        give(
                at,
                at.page
                        .locator("article.card .picture")
                        .filter(new Locator.FilterOptions().setHasText("quiet where the words stand")),
                "beck.png");
        at.more("Make it the home page…");
        at.acts.press(at.sheet().locator(".yes, .strong").first());
        screen(at, "Theme");
        at.acts.press(SiteJobs.setting(at, "Case of the name").getByText("Capitals"));
        at.acts.fill(SiteJobs.setting(at, "Space above and below").getByRole(AriaRole.SPINBUTTON), "40");
        releaseAll(at);
        at.visitorsRead(at.venue.site("/").replace("kestrel-moor", "beck-ferry"), "header", "Beck Ferry");
    }

    private static void releaseAll(Desk at) {
        at.acts.press(at.page.locator(".stand .strong"));
        at.acts.press(at.page.locator(".side .go"));
        at.acts.press(at.page.locator(".v-dialog .strong"));
        assertThat(at.page.locator(".done")).containsText("is live");
    }

    private static void kindMade(Desk at) {
        at.beginAt("/kestrel-moor/templates");
        at.acts.press(at.page.getByText("New kind…"));
        at.acts.fill(at.sheet().getByLabel("Name"), "Moth");
        at.acts.key("Enter");
        for (String label : List.of("Wing span", "Habitat", "Season")) {
            at.acts.fill(at.page.getByLabel("Label of a new field"), label);
            at.acts.key("Enter");
            assertThat(at.page.locator("[data-field]").filter(new Locator.FilterOptions().setHasText(label)))
                    .hasClass(Pattern.compile("open"));
        }
        Locator season = at.page.locator("[data-field].open");
        at.acts.choose(season.locator(".choice").first(), "Choice");
        at.acts.fill(season.locator("textarea"), "Spring\nSummer\nAutumn");
        fact(at, "Wears");
        onlyLongRead(at);
        fact(at, "Stands");
        at.acts.press(at.page.getByLabel("Beneath these pages only"));
        at.acts.fill(at.sheet().locator(".v-autocomplete input"), "Learn");
        at.acts.press(at.page.getByRole(
                AriaRole.OPTION,
                new com.microsoft.playwright.Page.GetByRoleOptions()
                        .setName("Learn")
                        .setExact(true)));
        at.page.keyboard().press("Escape");
        at.acts.press(at.page.getByText("Done"));
        at.more("New page of this kind…");
        at.acts.fill(at.field("Name"), "Emperor");
        at.makeIn("Long read");
        at.acts.write(at.page.locator("article.card [contenteditable=true]").first(), "It flies by day.");
        assertThat(at.page.locator(".stand")).containsText("All changes kept");
        find(at, "Long read");
        at.acts.write(at.page.locator("article.card [contenteditable=true]").first(), "What it is like.");
        at.acts.press(at.page.getByText(Pattern.compile("^Roll out to \\d+ pages?…")));
        at.acts.press(at.page.getByText("all follow").first());
        at.acts.press(at.page.getByText(Pattern.compile("^Roll out to \\d+ pages?$")));
        assertThat(at.page.locator(".report")).containsText("Rolled out to");
    }

    /** Of one kind, in two templates: whoever makes a page there is offered nothing else. */
    private static void branchOfTwo(Desk at) {
        at.beginAt("/kestrel-moor/page/tonight");
        at.more("What may stand beneath it…");
        at.acts.press(at.page.getByLabel("These kinds only"));
        at.acts.press(at.exactly(at.sheet().locator(".kinds"), "Document"));
        at.acts.press(at.sheet()
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("Document pages"))));
        onlyLongRead(at);
        at.open("/kestrel-moor/new?parent=tonight");
        assertThat(at.page.locator(".choice").filter(new Locator.FilterOptions().setHasText("Long read")))
                .not()
                .containsText("not offered");
        assertThat(at.page.locator(".choice").filter(new Locator.FilterOptions().setHasText("Wide picture")))
                .containsText("not offered");
    }

    /** The usual template and one more, for the kind at hand. */
    private static void onlyLongRead(Desk at) {
        at.acts.press(at.sheet().getByText("Only these").first());
        at.acts.press(at.sheet().getByText("none but the usual one"));
        at.acts.press(at.sheet().getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("Long read")));
        assertThat(at.sheet()).containsText("2 of ");
        at.acts.press(at.sheet().getByText("Done"));
    }

    private static void find(Desk at, String words) {
        at.acts.key("Control+k");
        at.acts.fill(at.page.getByPlaceholder("Find").first(), words);
        at.acts.key("Enter");
        assertThat(at.page.locator(".title input")).hasValue(words);
    }

    private static void shopFront(Desk at) {
        at.beginAt("/kestrel-moor/theme");
        SiteJobs.part(at, "Notice strip");
        at.acts.press(at.page.getByText("+ add to notices"));
        at.acts.fill(at.page.getByLabel(Pattern.compile("2$")).first(), "Shut on Sunday for the eclipse.");
        SiteJobs.part(at, "Header");
        give(at, at.page.locator(".setting .picture").first(), "logo.png");
        SiteJobs.part(at, "Footer");
        at.acts.press("Arrange its columns…");
        Locator foot = at.page.locator("article.card.chosen");
        at.acts.press(foot.getByText("Settings").first());
        at.acts.press(foot.getByText("Shape").first());
        at.acts.press("Four");
        screen(at, "Plan");
        at.acts.press(at.page.getByText("Menus…"));
        at.acts.press(at.page.getByLabel("Let the pages beneath Open nights follow"));
        at.acts.press(at.sheet().getByText("Done"));
        at.acts.press(
                at.page.locator("[role=treeitem]").filter(new Locator.FilterOptions().setHasText("Accessibility")));
        at.acts.key("t");
        at.acts.press(at.sheet().locator(".hand .all button").filter(new Locator.FilterOptions().setHasText("Prices")));
        Locator fit = at.sheet().locator(".fits section").filter(new Locator.FilterOptions().setHasText("Prices"));
        at.acts.press(fit.getByText("Take this"));
        assertThat(at.page.locator("aside dl")).containsText("Prices");
    }

    private static void threeLists(Desk at) {
        at.beginOnPlan("support");
        named(at, "What is new", "Announcements");
        assertThat(at.proof().locator("#main")).containsText("The roof rolls again");
        screen(at, "Plan");
        named(at, "To take along", "Documents");
        at.acts.choose(at.page.locator("article.card .choice").first(), "Guides");
        assertThat(at.proof().locator("#main")).containsText("Autumn sky at a glance");
        screen(at, "Plan");
        at.acts.key("n");
        at.acts.fill(at.field("Name"), "Our instruments, listed");
        at.acts.press(at.exactly(at.page.locator(".choice"), "List with columns"));
        at.acts.choose(at.page.locator(".name .choice"), "Instrument");
        at.make();
        assertThat(at.proof().locator("#main table")).containsText("Great Hulme reflector");
        find(at, "The roof rolls again");
        at.more("Parts of the page…");
        at.acts.press(at.sheet()
                .locator("[aria-label*='Before and after']")
                .getByText("Not shown", new Locator.GetByTextOptions().setExact(true)));
        at.acts.press(at.sheet().getByText("Done"));
        assertThat(at.proof().locator(".neighbours")).hasCount(0);
    }

    private static void named(Desk at, String name, String template) {
        at.acts.key("n");
        at.acts.fill(at.field("Name"), name);
        at.makeIn(template);
    }
}
