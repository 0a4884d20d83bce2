package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import venue.server.Further;

/** A manager's whole job once, through the real interface, and what visitors get of it. */
@Further
class StoryTest extends DemoTest {

    @Test
    void aPageFromATemplateOntoTheLiveSite() throws IOException {
        makeThePage();
        writeIt();
        arrange();
        placeInMenu();
        lookNarrowAndWide();
        changeTheLook();
        makeVisitHome();
        release();
        visitorsGetIt();
        venue.stop();
        venue.startAgain();
        visitorsGetIt();
        page.navigate(venue.venue("/kestrel-moor/plan"));
        assertThat(row("Dark-sky car park").first()).isVisible();
    }

    private void makeThePage() {
        row("Visit").first().click();
        page.keyboard().press("n");
        Locator sheet = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New page"));
        assertThat(sheet).containsText("beneath News only");
        sheet.locator(".kinds b").getByText("Standard page").click();
        sheet.locator(".choice b")
                .getByText("With side column", new Locator.GetByTextOptions().setExact(true))
                .click();
        sheet.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)).fill("Dark-sky car park");
        assertThat(sheet.locator(".address")).hasText("/visit/dark-sky-car-park");
        page.keyboard().press("Control+Enter");
        assertThat(page.locator(".title input")).hasValue("Dark-sky car park");
    }

    private void writeIt() throws IOException {
        Locator card = page.locator("article.card").first();
        card.getByLabel("Heading", new Locator.GetByLabelOptions().setExact(true))
                .fill("Stars above the tarmac");
        card.locator("[contenteditable=true]").click();
        page.keyboard().type("Room for sixty, and no lights after dusk.");
        assertThat(proof().locator("#main")).containsText("Room for sixty, and no lights after dusk.");
        assertThat(proof().locator("#main h2").first()).hasText("Stars above the tarmac");
        card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("Add an element")))
                .click();
        page.getByLabel("Find an element").fill("one picture");
        page.keyboard().press("Enter");
        card.getByText("Choose a picture").click();
        page.locator("input[type=file]").setInputFiles(new FilePayload("car-park.png", "image/png", picture()));
        page.getByLabel("For those who don’t see it").fill("A car park under stars");
        page.getByText("Use the picture").click();
        assertThat(proof().locator("#main img[alt='A car park under stars']")).hasCount(1);
        assertThat(page.locator(".stand")).containsText("All changes kept");
    }

    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(1000, 600, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(0x1D2733));
        pen.fillRect(0, 0, 1000, 600);
        pen.setColor(Color.WHITE);
        for (int i = 0; i < 90; i++) {
            pen.fillOval(i * 137 % 1000, i * 71 % 600, 3, 3);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private void arrange() {
        page.locator(".title input").blur();
        page.locator(".galley").focus();
        page.keyboard().press("i");
        page.locator(".tray")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Three features")))
                .click();
        Locator names = page.locator("article.card .name");
        assertThat(names).hasCount(2);
        assertThat(names.nth(1)).hasValue("Three features");
        Locator three = page.locator("article.card").nth(1);
        three.locator(".grip").click();
        page.keyboard().press("Alt+ArrowUp");
        assertThat(names.first()).hasValue("Three features");
        page.keyboard().press("Control+z");
        assertThat(names.first()).hasValue("Text");
        page.keyboard().press("Control+Shift+z");
        assertThat(names.first()).hasValue("Three features");
        assertThat(proof().locator("#main section").first()).containsText("Name the first thing");
    }

    private void placeInMenu() {
        Locator strip = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Facts of the page"));
        strip.locator(".fact")
                .filter(new Locator.FilterOptions().setHasText("In menus"))
                .getByRole(AriaRole.BUTTON)
                .click();
        page.locator(".v-dialog")
                .getByLabel("Main", new Locator.GetByLabelOptions().setExact(true))
                .check();
        page.getByText("Done").click();
        assertThat(strip).containsText("Main, beneath Visit");
    }

    private void lookNarrowAndWide() {
        page.getByTitle("Look at 360 pixels").click();
        assertThat(proof().locator(".menu-button")).isVisible();
        Locator edge = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Width of the proof"));
        edge.focus();
        page.keyboard().press("ArrowRight");
        assertThat(edge).hasAttribute("aria-valuenow", "380");
        page.getByTitle("Look at 900 pixels").click();
        assertThat(proof().locator(".menu-button")).isHidden();
    }

    private void changeTheLook() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Theme"))
                .click();
        Locator sheet = Chromium.drawing(page.locator(".contact .drawn-place").first());
        Locator other = Chromium.drawing(page.locator(".contact .drawn-place").nth(2));
        assertThat(sheet.locator("h1")).hasCSS("font-family", Pattern.compile("Fraunces"));
        page.locator(".part")
                .filter(new Locator.FilterOptions().setHasText("Palette"))
                .click();
        page.getByLabel("Accent as six digits", new Page.GetByLabelOptions().setExact(true))
                .fill("#7A3E6D");
        page.keyboard().press("Enter");
        page.locator(".part")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^Type")))
                .click();
        Chromium.choose(
                page.locator(".choice").filter(new Locator.FilterOptions().setHasText("Headings: ")),
                "Bitter, slab serif");
        assertThat(sheet.locator("h1")).hasCSS("font-family", Pattern.compile("Bitter"));
        assertThat(other.locator("h1")).hasCSS("font-family", Pattern.compile("Bitter"));
        assertThat(sheet.locator(".button.strong").first()).hasCSS("background-color", "rgb(122, 62, 109)");
    }

    private void makeVisitHome() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan"))
                .click();
        row("Visit").first().click();
        page.keyboard().press("h");
        Locator sheet = page.locator(".v-dialog .sheet");
        assertThat(sheet).containsText("/ shows “Visit”. Its own address /visit will redirect there.");
        assertThat(sheet).containsText("“Welcome to the moor” stays and moves to /welcome-to-the-moor.");
        sheet.getByText("Make it the home page").click();
        assertThat(page.locator(".stand")).containsText("Home Visit");
    }

    private void release() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Release \\d+ changes…")))
                .click();
        Locator changes = page.locator(".waits");
        assertThat(changes).containsText("New page beneath Visit at /visit/dark-sky-car-park");
        assertThat(changes).containsText("Home page: “Visit” instead of “Welcome to the moor”");
        assertThat(changes).containsText("Line added: Dark-sky car park");
        assertThat(changes).containsText("Headings: Bitter, slab serif");
        page.getByLabel("A note for the log").fill("The car park");
        Chromium.release(page);
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("Release 2 is live")))
                .isVisible();
        assertThat(changes).containsText("Everything that was written is live");
    }

    private void visitorsGetIt() {
        String made = get("/visit/dark-sky-car-park");
        assertThat(made)
                .contains(
                        "Stars above the tarmac",
                        "Room for sixty, and no lights after dusk.",
                        "A car park under stars");
        assertThat(made).doesNotContain("Name the first thing", "data-s=");
        String home = get("/");
        assertThat(home)
                .contains(
                        "<h1>Visit</h1>",
                        "rel=\"canonical\" href=\"" + venue.site("/") + "\"",
                        "href=\"/visit/dark-sky-car-park\"");
        HttpResponse<String> old = Visitor.visit(venue, "/visit");
        assertThat(old.statusCode()).isEqualTo(301);
        assertThat(old.headers().firstValue("location")).contains("/");
        assertThat(get("/sitemap.xml"))
                .contains(
                        "<loc>" + venue.site("/") + "</loc>",
                        venue.site("/visit/dark-sky-car-park"),
                        venue.site("/welcome-to-the-moor"))
                .doesNotContain("<loc>" + venue.site("/visit") + "</loc>");
        assertThat(get("/robots.txt")).contains("Sitemap: " + venue.site("/sitemap.xml"));
    }

    private String get(String path) {
        HttpResponse<String> answer = Visitor.visit(venue, path);
        assertThat(answer.statusCode()).as(path).isEqualTo(200);
        return answer.body();
    }

    private FrameLocator proof() {
        return page.frameLocator(".pane .wide iframe");
    }

    private Locator row(String title) {
        return page.locator("[role=treeitem]")
                .filter(new Locator.FilterOptions()
                        .setHas(page.locator(
                                ".title",
                                new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*" + title + "\\s*$")))));
    }
}
