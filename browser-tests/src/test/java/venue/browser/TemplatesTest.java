package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A template made from another, worn by three new pages, changed, and rolled out with one choice; undone, and done again. */
class TemplatesTest {

    @TempDir
    Path data;

    private Page page;
    private Running venue;

    @Test
    void aTemplateIsMadeWornChangedAndRolledOut() {
        try (Running running = Running.start(data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 800)) {
            venue = running;
            page = chromium.signedIn(context, running, "maja");
            makeTheTemplate();
            makeThreePages();
            adaptOne();
            changeTheTemplate();
            rollOut();
            seeThePages("A lead for all");
            undoAndDoAgain();
            releaseAndVisit();
        }
    }

    private void makeTheTemplate() {
        page.navigate(venue.venue("/kestrel-moor/templates"));
        page.getByText("New template…").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        sheet.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)).fill("wide");
        sheet.getByText("Make it").click();
        assertThat(sheet).containsText("There is a template called “Wide” already");
        sheet.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)).fill("Field guide");
        page.keyboard().press("Enter");
        assertThat(page.locator(".title input")).hasValue("Field guide");
        assertThat(page.locator(".strip")).containsText("0 pages");
        page.locator(".fact")
                .filter(new Locator.FilterOptions().setHasText("Usual for"))
                .locator(".textlink")
                .click();
        Locator kind = page.locator(".v-dialog tr").filter(new Locator.FilterOptions().setHasText("Standard page"));
        Locator may = kind.getByRole(AriaRole.CHECKBOX);
        if (!may.isChecked()) {
            may.check();
        }
        page.getByText("Done").click();
    }

    private void makeThreePages() {
        page.navigate(venue.venue("/kestrel-moor/new?parent=learn&several=1"));
        Locator sheet = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New page"));
        sheet.locator(".kinds b").getByText("Standard page").click();
        sheet.locator(".templates b").getByText("Field guide").click();
        sheet.locator("textarea").first().fill("Winter birds\nMoths\nLichens");
        page.keyboard().press("Control+Enter");
        page.waitForURL(Pattern.compile(".*/(plan|page)/.*"));
    }

    private void open(String title) {
        page.navigate(venue.venue("/kestrel-moor/plan"));
        page.locator("[role=treeitem]")
                .filter(new Locator.FilterOptions().setHasText(title))
                .first()
                .click();
        page.keyboard().press("Enter");
        assertThat(page.locator(".title input")).hasValue(title);
    }

    private FrameLocator proof() {
        return page.frameLocator("iframe[title=Proof]");
    }

    private void write(String words) {
        page.locator("article.card [contenteditable=true]").first().click();
        page.keyboard().press("Control+A");
        page.keyboard().type(words);
        assertThat(proof().locator("#main")).containsText(words);
    }

    private void adaptOne() {
        open("Moths");
        write("Moths have a lead of their own");
    }

    private void openTemplate() {
        page.navigate(venue.venue("/kestrel-moor/templates"));
        page.locator(".name b").getByText("Field guide").click();
        assertThat(page.locator(".title input")).hasValue("Field guide");
    }

    private void changeTheTemplate() {
        openTemplate();
        assertThat(page.locator(".reaching")).containsText("at once on 3 pages");
        write("A lead for all");
        page.locator(".insert.last").first().click();
        page.locator(".tray").getByLabel("Search patterns").fill("Notice");
        page.locator(".tray .patterns > button").first().click();
        Locator notice = page.locator("article.card").last();
        notice.hover();
        notice.locator(".reach").click();
        assertThat(notice.locator(".reach")).containsText("fixed · 3 pages");
        assertThat(page.locator(".reaching")).containsText("2 behind");
    }

    private void rollOut() {
        page.getByText("Roll out to 3 pages…").click();
        Locator rows = page.locator(".matrix tbody tr");
        assertThat(rows).hasCount(3);
        Locator moths = rows.filter(new Locator.FilterOptions().setHasText("Moths"));
        moths.locator(".cell").first().click();
        assertThat(page.locator("aside.pane")).containsText("Moths have a lead of their own");
        assertThat(page.locator("aside.pane")).containsText("A lead for all");
        page.locator("aside.pane").getByText("Leave as it is here").click();
        assertThat(moths).containsText("left as adapted");
        page.getByText(Pattern.compile("^Roll out to 3 pages$")).click();
        assertThat(page.locator(".report")).containsText("Rolled out to 3");
        assertThat(page.locator(".nothing")).containsText("All pages are in step");
    }

    private void seeThePages(String lead) {
        open("Lichens");
        assertThat(proof().locator("#main")).containsText(lead);
        open("Moths");
        assertThat(proof().locator("#main")).containsText("Moths have a lead of their own");
    }

    private void undoAndDoAgain() {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Undo “roll")))
                .click();
        open("Lichens");
        assertThat(proof().locator("#main")).not().containsText("A lead for all");
        openTemplate();
        page.getByText("Roll out to 3 pages…").click();
        page.getByText("leave all").first().click();
        page.getByText("all follow").first().click();
        page.getByText(Pattern.compile("^Roll out to 3 pages$")).click();
        assertThat(page.locator(".report")).containsText("Rolled out to 3");
        open("Moths");
        assertThat(proof().locator("#main")).containsText("A lead for all");
    }

    private void releaseAndVisit() {
        page.navigate(venue.venue("/kestrel-moor/releases"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Release \\d+")))
                .last()
                .click();
        assertThat(page.locator(".stand")).containsText("release 2");
        for (String path : new String[] {"/learn/lichens", "/learn/moths", "/learn/winter-birds"}) {
            Assertions.assertThat(Visitor.visit(venue, path).body()).as(path).containsOnlyOnce("A lead for all");
        }
    }
}
