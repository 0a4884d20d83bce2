package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Entries without pages, kept in a table and shown by a listing; and a section that shows where a page's option says so. */
class EntriesTest extends DemoTest {

    private static final String FIRST = "Ashcombe Lamp Works";
    private static final String LAST = "The Friends of Kestrel Moor";

    @Test
    void sponsorsAreKeptInATableAndNewsIsLeftOutOfOnePage() {
        keepTheTable();
        pasteRows();
        twoWriteInOneLine(chromium.signedIn(chromium.context(1280, 800), venue, "tomas"));
        leaveTheNewsOut();
        releaseAndVisit();
    }

    private Locator names() {
        return page.locator("tr[data-entry] .name");
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** By keys alone: a new one is named, and the last goes to the top. */
    private void keepTheTable() {
        page.navigate(venue.venue("/kestrel-moor/kinds/sponsor"));
        assertThat(names()).hasCount(5);
        button("Add one").focus();
        page.keyboard().press("Enter");
        assertThat(names().last()).isFocused();
        page.keyboard().type("Søren’s Rope Walk");
        page.keyboard().press("Enter");
        assertThat(names().last()).hasValue("Søren’s Rope Walk");
        for (int step = 5; step > 0; step--) {
            names().nth(step).focus();
            page.keyboard().press("Alt+ArrowUp");
            assertThat(names().nth(step - 1)).hasValue("Søren’s Rope Walk");
        }
        assertThat(names().nth(1)).hasValue(FIRST);
        assertThat(names().last()).hasValue(LAST);
    }

    private void pasteRows() {
        page.locator(".pane")
                .evaluate(
                        "pane => { const data = new DataTransfer();"
                                + " data.setData('text/plain', 'Name\\tGives\\tSince\\nMoor Honey\\tTwelve jars\\t2019\\nNobody\\tx\\tnever');"
                                + " pane.dispatchEvent(new ClipboardEvent('paste', {clipboardData: data, bubbles: true, cancelable: true})) }");
        Locator sheet = page.locator(".v-dialog .sheet");
        assertThat(sheet).containsText("1 row fits, 1 row does not");
        assertThat(sheet.locator(".unfit")).containsText("Nobody");
        sheet.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("1 entry")))
                .click();
        sheet.getByText("Done").click();
        assertThat(page.locator(".pane h2")).hasText("7 entries");
        assertThat(names().last()).hasValue("Moor Honey");
    }

    /** Neither is overwritten unseen: whoever comes second is asked. */
    private void twoWriteInOneLine(Page tomas) {
        tomas.navigate(venue.venue("/kestrel-moor/kinds/sponsor"));
        Locator theirs = tomas.locator("tr[data-entry] .name").last();
        assertThat(theirs).hasValue("Moor Honey");
        theirs.fill("Moor Honey & Wax");
        names().last().fill("Moorland Honey");
        tomas.waitForResponse("**/commands", () -> tomas.keyboard().press("Enter"));
        page.keyboard().press("Enter");
        Locator asked = page.locator(".v-dialog .sheet");
        assertThat(asked).containsText("changed");
        asked.getByText("Keep theirs").click();
        assertThat(names().last()).hasValue("Moor Honey & Wax");
    }

    private void leaveTheNewsOut() {
        page.navigate(venue.venue("/kestrel-moor/plan/article-1"));
        assertThat(page.locator(".line.chosen")).containsText("The roof rolls again");
        page.keyboard().press("t");
        Locator fitting = page.locator(".v-dialog .sheet");
        assertThat(fitting).containsText("More news at the foot");
        assertThat(fitting).containsText("As the template says");
        fitting.getByLabel("More news at the foot").uncheck();
        assertThat(fitting).containsText("This page’s own");
        page.keyboard().press("Escape");
        page.navigate(venue.venue("/kestrel-moor/page/article-1"));
        Locator proof = page.frameLocator("iframe[title=Proof]").locator("body");
        assertThat(proof).containsText("The roof rolls again");
        assertThat(proof).not().containsText("More from the moor");
    }

    private void releaseAndVisit() {
        page.navigate(venue.venue("/kestrel-moor/releases"));
        Chromium.release(page);
        assertThat(page.locator(".stand")).containsText("release 2");
        Assertions.assertThat(Visitor.visit(venue, "/support-us").body())
                .containsSubsequence("Søren’s Rope Walk", FIRST, LAST, "Moor Honey &amp; Wax");
        Assertions.assertThat(Visitor.visit(venue, "/news/the-roof-rolls-again").body())
                .doesNotContain("More from the moor");
        Assertions.assertThat(Visitor.visit(venue, "/news/a-comet-in-the-net").body())
                .contains("More from the moor");
    }
}
