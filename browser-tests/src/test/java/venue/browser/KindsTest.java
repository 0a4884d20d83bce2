package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import venue.server.Further;

/** Kinds side by side, two changed at once and put back; a template that no kind offers, offered where a page is made. */
@Further
class KindsTest extends DemoTest {

    @Test
    void kindsAreChangedTogetherAndATemplateIsOfferedWhereItIsWanted() {
        page.navigate(venue.venue("/kestrel-moor/kinds"));
        giveTwoKindsColumns();
        putThemBack();
        page.navigate(venue.venue("/kestrel-moor/kinds/standard"));
        leaveOnlyTheUsualOne();
        page.navigate(venue.venue("/kestrel-moor/new?kind=standard"));
        offerOneAndMakeAPage();
    }

    private Locator cell(String kind, int column) {
        return page.locator("tbody tr")
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(kind))))
                .locator(".cell")
                .nth(column);
    }

    private void giveTwoKindsColumns() {
        page.getByLabel("Choose Person").click();
        page.getByLabel("Choose Instrument").click();
        cell("Person", 1).click();
        Locator editor = page.locator(".editor");
        assertThat(editor).containsText("2 kinds at once: Instrument, Person");
        assertThat(page.locator("aside")).containsText(Pattern.compile("Changes \\d+ pages"));
        editor.getByText("Left", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(cell("Person", 1)).containsText("left, with nothing in it");
        assertThat(cell("Instrument", 1)).containsText("left, with nothing in it");
    }

    private void putThemBack() {
        page.locator("h1").click();
        page.keyboard().press("Control+z");
        assertThat(cell("Person", 1)).containsText("none");
        assertThat(cell("Instrument", 1)).containsText("none");
    }

    private void leaveOnlyTheUsualOne() {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Plain").setExact(true))
                .click();
        page.getByText("none but the usual one").click();
        assertThat(page.locator(".v-dialog")).containsText("1 of ");
        page.getByText("Done").click();
    }

    private void offerOneAndMakeAPage() {
        page.getByLabel("Found by words").fill("reach the door");
        assertThat(page.locator(".choice").first()).containsText("not offered for Standard pages");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Offer Contact for Standard pages"))
                .click();
        assertThat(page.locator(".choice .on").first()).containsText("Contact");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Write to us");
        page.keyboard().press("Control+Enter");
        assertThat(page.locator(".title input")).hasValue("Write to us");
        assertThat(page.locator(".strip")).containsText("Contact");
    }
}
