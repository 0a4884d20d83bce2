package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Two sites of one installation: what one gives the other takes, and a page carried between them in a pack. */
class TwoSitesTest extends DemoTest {

    private static final String MOOR = "/kestrel-moor";
    private static final String DOME = "/larkfield-dome";

    @Test
    void aTemplateIsGivenTakenAndCarriedOverAndAPageComesInPlaceOfAHomePage() {
        makeASecondSite();
        giveATemplate();
        takeIt();
        changeItInTheLibrary();
        carryItOver();
        Path pack = saveAPage();
        bringItIn(pack);
        undoBoth();
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private Locator sheet() {
        return page.locator(".v-dialog .sheet");
    }

    private void go(String path) {
        page.navigate(venue.venue(path));
    }

    private void more(String entry) {
        button("More ▾").first().click();
        page.locator(".v-list-item")
                .filter(new Locator.FilterOptions().setHasText(entry))
                .first()
                .click();
    }

    private void makeASecondSite() {
        go(MOOR + "/plan");
        button("Kestrel Moor Observatory").click();
        page.getByText("New site…").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Larkfield Dome");
        button("Make it").click();
        assertThat(page).hasURL(Pattern.compile(".*" + DOME + "/plan"));
        assertThat(page.locator(".head .site")).containsText("Larkfield Dome");
    }

    private void giveATemplate() {
        go(MOOR + "/templates");
        page.getByText("New template…").click();
        sheet().getByLabel("Name", new Locator.GetByLabelOptions().setExact(true))
                .fill("Field report");
        page.keyboard().press("Enter");
        assertThat(page.locator(".title input")).hasValue("Field report");
        more("Give it to all sites");
        assertThat(page.getByText("“Field report” is in the library for all sites."))
                .isVisible();
    }

    private void takeIt() {
        go(DOME + "/new");
        page.getByText("Standard page").first().click();
        button("Take and wear it: Field report").click();
        assertThat(page.locator(".choice .on").first()).containsText("Field report");
        page.getByPlaceholder("What the page is called").fill("First night");
        button(Pattern.compile("Make the page.*")).click();
        assertThat(page).hasURL(Pattern.compile(".*" + DOME + "/page/.*"));
        assertThat(page.locator(".strip")).containsText("Field report");
    }

    /** The template is changed where it was made, and given again. */
    private void changeItInTheLibrary() {
        openTemplate(MOOR);
        page.locator(".insert.last").first().click();
        page.locator(".tray").getByLabel("Find a pattern").fill("Notice");
        page.locator(".tray .patterns > button").first().click();
        assertThat(notice()).isVisible();
        button("More ▾").first().click();
        assertThat(page.getByText("It has been changed here since it was given"))
                .isVisible();
        page.getByText("Give it to all sites again").click();
        assertThat(page.getByText("“Field report” is in the library for all sites."))
                .isVisible();
    }

    private void openTemplate(String site) {
        go(site + "/templates");
        page.locator("a")
                .filter(new Locator.FilterOptions().setHasText("Field report"))
                .first()
                .click();
        assertThat(page.locator(".title input")).hasValue("Field report");
    }

    private Locator notice() {
        return page.locator("article.card")
                .filter(new Locator.FilterOptions().setHasText("Notice"))
                .first();
    }

    private void carryItOver() {
        go(DOME + "/templates");
        Locator behind = page.locator(".library li").filter(new Locator.FilterOptions().setHasText("Field report"));
        assertThat(behind).containsText("has moved on since you took it");
        behind.getByText("Look…").click();
        assertThat(sheet()).containsText("Here it is as it was when you took it");
        assertThat(sheet().locator(".parts")).containsText("Notice comes");
        sheet().getByText("Carry it over").click();
        assertThat(behind).hasCount(0);
        openTemplate(DOME);
        assertThat(notice()).isVisible();
        assertThat(page.locator(".strip")).containsText("Roll out to 1 page");
    }

    private Path saveAPage() {
        go(MOOR + "/plan/visit");
        page.getByText("Save as a pack…").click();
        assertThat(sheet()).containsText("12 pages");
        Download download =
                page.waitForDownload(() -> page.getByText("Save the pack").click());
        Path pack = data.resolve("visit.venuepack");
        download.saveAs(pack);
        return pack;
    }

    private void bringItIn(Path pack) {
        go(DOME + "/plan");
        button("Larkfield Dome").click();
        page.getByText("Bring in a pack…").click();
        page.getByLabel("Choose a pack").setInputFiles(pack);
        assertThat(sheet()).containsText("Bring in “Visit”");
        page.getByLabel("In place of a page").check();
        assertThat(sheet().locator("li.page").first()).containsText("Visit");
        button(Pattern.compile("Bring in \\d+ items")).click();
        assertThat(page.getByText("“Visit” is in: one step to undo.")).isVisible();
        assertThat(page.getByRole(AriaRole.TREE)).containsText("Opening times");
        assertThat(page.getByRole(AriaRole.TREEITEM).first()).containsText("Visit");
    }

    private Locator button(Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private void undoBoth() {
        page.keyboard().press("Control+z");
        assertThat(page.getByRole(AriaRole.TREEITEM).first()).containsText("Home");
        assertThat(page.getByRole(AriaRole.TREE)).not().containsText("Opening times");
        page.keyboard().press("Control+z");
        go(DOME + "/templates");
        assertThat(page.locator(".library")).containsText("has moved on since you took it");
    }
}
