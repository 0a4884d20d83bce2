package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import venue.server.Further;

/** A branch once more, by keys; what one page takes of another; where a page differs from the theme. */
@Further
class CopiesTest extends DemoTest {

    @Test
    void aBranchIsDuplicatedAndAPageTakesFromAnother() {
        duplicate();
        page.navigate(venue.venue("/kestrel-moor/page/opening-times"));
        take();
        differ();
    }

    private void duplicate() {
        page.locator("#row-learn").click();
        page.keyboard().press("d");
        Locator name = page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true));
        assertThat(name).hasValue("Copy of Learn");
        name.fill("Learn by day");
        page.getByRole(AriaRole.CHECKBOX).check();
        name.focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("main")).containsText("/learn-by-day");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Plan").setExact(true))
                .first()
                .click();
        Locator rows = page.getByRole(AriaRole.TREE).getByRole(AriaRole.TREEITEM);
        assertThat(rows.filter(new Locator.FilterOptions().setHasText("/learn-by-day/"))
                        .first())
                .containsText("draft");
        page.locator("body").press("Control+z");
        assertThat(rows.filter(new Locator.FilterOptions().setHasText("/learn-by-day")))
                .hasCount(0);
    }

    /** In one setting, which the Theme lists, and gives back to the theme. */
    private void differ() {
        page.getByText("More ▾").click();
        page.getByText("Differ from the theme…").click();
        Locator sheet = page.getByRole(
                AriaRole.DIALOG,
                new Page.GetByRoleOptions().setName("Differ from the theme").setExact(true));
        assertThat(sheet).not().containsText("as the theme again");
        sheet.getByLabel("Found by words").fill("title band tone");
        Chromium.choose(sheet.locator(".choice"), "Accent");
        assertThat(sheet).containsText("as the theme again");
        assertThat(page.frameLocator(".pane .wide iframe").locator(".band.t-accent"))
                .hasCount(1);
        page.navigate(venue.venue("/kestrel-moor/theme"));
        page.getByText("differ: 1").click();
        page.getByLabel("Opening times as the theme again").click();
        assertThat(page.getByText("All pages look as the theme says.")).isVisible();
    }

    private void take() {
        page.getByText("More ▾").click();
        page.getByText("Take from another page…").click();
        Locator sheet = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Take from another page"));
        page.keyboard().type("Accessib");
        page.keyboard().press("Enter");
        assertThat(sheet).containsText("Settings: the same here");
        sheet.getByText("Sections", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(sheet).containsText("of this page wait on its shelf");
        sheet.getByText("Take it").click();
        assertThat(sheet).hasCount(0);
        assertThat(page.locator(".zone-head").getByText("Shelf")).isVisible();
        page.locator("body").press("Control+z");
        assertThat(page.locator(".zone-head").getByText("Shelf")).hasCount(0);
    }
}
