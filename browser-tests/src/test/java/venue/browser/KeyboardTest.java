package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A page from nothing to live without a mouse, and another on a phone. */
class KeyboardTest {

    @TempDir
    Path data;

    private Page page;

    private void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    private Locator focused() {
        return page.locator(":focus");
    }

    private Locator tree() {
        return page.getByRole(AriaRole.TREE);
    }

    private Locator said() {
        return page.locator(".frame > p.unseen");
    }

    @Test
    void aPageIsMadeFilledPlacedAndReleasedAloneByKeysAndFocusStandsOnWhatEachActMade() {
        try (Running venue = Running.start(data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 800)) {
            page = chromium.signedIn(context, venue, "maja");
            goAboutTheTree();
            makeThePage();
            fillIt();
            placeItInAMenu();
            releaseIt();
            assertThat(page.locator(".stand")).containsText("Release 7 changes");
            org.assertj.core.api.Assertions.assertThat(
                            Visitor.visit(venue, "/visit/keys-and-lamps").body())
                    .contains("Bring a red lamp");
        }
    }

    /** The tree says its levels, sizes and places; a page is carried by keys and put back. */
    private void goAboutTheTree() {
        assertThat(tree()).isFocused();
        press("ArrowDown", "ArrowDown", "ArrowDown");
        assertThat(tree()).hasAttribute("aria-activedescendant", "row-getting-here");
        Locator row = page.locator("#row-getting-here");
        assertThat(row).hasRole(AriaRole.TREEITEM);
        assertThat(row).hasAccessibleName(Pattern.compile("^Getting here and back.*in Main.*changed"));
        assertThat(row).hasAttribute("aria-level", "2");
        assertThat(row).hasAttribute("aria-posinset", "2");
        assertThat(row).hasAttribute("aria-setsize", "6");
        press("m", "ArrowDown");
        assertThat(page.locator(".saying")).containsText("Moving Getting here and back: 3 of 6 beneath Visit");
        press("Escape");
        assertThat(row).hasAttribute("aria-posinset", "2");
        press("ArrowLeft");
        assertThat(tree()).hasAttribute("aria-activedescendant", "row-visit");
    }

    private void makeThePage() {
        press("n");
        assertThat(page.locator("#new-name")).isFocused();
        page.keyboard().type("Keys and lamps");
        page.goBack();
        assertThat(tree()).isFocused();
        page.goForward();
        assertThat(page.locator("#new-name")).hasValue("Keys and lamps");
        press("Control+Enter");
        assertThat(page.locator(".galley")).isFocused();
    }

    private void fillIt() {
        press("i");
        assertThat(page.locator(".tray .patterns button").first()).isFocused();
        press("Escape");
        assertThat(page.locator(".galley")).isFocused();
        press("i");
        page.locator(".tray .patterns button")
                .filter(new Locator.FilterOptions().setHasText("Heading and text"))
                .focus();
        press("Enter");
        assertThat(said()).containsText("Text is placed. 2 places to fill.");
        assertThat(focused()).hasAccessibleName("Heading");
        press("Escape");
        assertThat(focused()).hasAccessibleName("Section Text");
        press("d");
        assertThat(said()).containsText("has a copy after it");
        press("Delete");
        assertThat(said()).containsText("is taken out");
        assertThat(focused()).hasAccessibleName("Section Text");
        assertThat(page.locator(".gone-line")).hasCount(1);
        press("Enter");
        page.keyboard().type("Lamps");
        press("Tab");
        page.keyboard().type("Bring a red lamp");
        press("Escape");
        assertThat(focused()).hasAccessibleName("Section Text");
        assertThat(page.frameLocator("iframe[title=Proof]").locator("main")).containsText("Bring a red lamp");
    }

    private void placeItInAMenu() {
        press("Escape");
        assertThat(tree()).isFocused();
        press("Tab");
        assertThat(focused()).hasAccessibleName("not in Main");
        press("Enter");
        assertThat(focused()).hasAccessibleName("in Main");
        press("Shift+Tab");
        assertThat(tree()).isFocused();
        press("Enter");
        assertThat(page.locator(".galley")).isFocused();
    }

    private void releaseIt() {
        Locator more = page.locator(".strip .acts button").first();
        more.focus();
        press("Enter");
        assertThat(page.getByText("Release this page…")).isVisible();
        press("ArrowDown", "ArrowDown", "Enter");
        assertThat(focused()).hasText(Pattern.compile("Release it"));
        press("Enter");
        assertThat(page.locator(".v-dialog .done")).containsText("Release 2 is live.");
        press("Escape");
        assertThat(page.locator(".v-dialog")).hasCount(0);
        assertThat(focused()).hasText(Pattern.compile("More"));
    }

    @Test
    void onAPhoneOneThingStandsAtATimeAndNothingIsOutOfReach() {
        try (Running venue = Running.start(data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(390, 800)) {
            page = chromium.signedIn(context, venue, "maja");
            page.locator("#row-visit").click();
            assertThat(page.locator(".card")).containsText("Wide picture");
            assertThat(tree()).not().isVisible();
            page.locator(".card .ink").click();
            assertThat(page.locator(".galley")).isVisible();
            assertThat(page.locator("iframe[title=Proof]")).not().isVisible();
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Proof").setExact(true))
                    .click();
            assertThat(page.frameLocator("iframe[title=Proof]").locator("h1")).hasText("Visit");
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Survey").setExact(true))
                    .click();
            assertThat(page.locator("main")).containsText("Left to fill");
            page.locator(".stand .strong").click();
            Chromium.release(page);
            assertThat(page.locator(".done")).containsText("Release 2 is live.");
            assertThat(page.locator(".done")).isFocused();
            Object out = page.evaluate("() => [...document.querySelectorAll('main button, main a, main input')]"
                    + ".filter(e => e.getBoundingClientRect().right > innerWidth + 1).length");
            org.assertj.core.api.Assertions.assertThat(out).isEqualTo(0);
        }
    }
}
