package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A menu put in order, named and led outside by keys; a page that moves with its line; all of it released, and taken back. */
class MenusTest {

    @TempDir
    Path data;

    private Page page;

    private Locator lane() {
        return page.locator(".menu-lane").first();
    }

    private Locator lines() {
        return page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Lines of Main"));
    }

    private Locator labelled(String label) {
        return lines().getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
    }

    private void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    @Test
    void aMenuIsArrangedItsPageMovesWithItsLineAndVisitorsSeeIt() {
        try (Running venue = Running.start(data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 800)) {
            page = chromium.signedIn(context, venue, "maja");
            arrange();
            moveWithItsLine();
            page.locator(".stand .strong").click();
            Chromium.release(page);
            assertThat(page.locator(".done")).containsText("Release 2 is live.");
            String home = Visitor.visit(venue, "/").body();
            Assertions.assertThat(home)
                    .containsSubsequence(">Tonight<", ">Visit<", ">Find out<", "https://tickets.example/", ">Tickets<");
            takeBackFromElsewhere();
        }
    }

    private void arrange() {
        lane().focus();
        press("Enter");
        labelled("Down: Visit").focus();
        press("Enter");
        assertThat(labelled("Down: Visit")).isFocused();
        assertThat(lines().locator("li").first()).hasAttribute("data-line", Pattern.compile(".+"));
        assertThat(lines().locator("li .name").first()).hasAttribute("placeholder", "Tonight");
        labelled("What the line Learn says").fill("Find out");
        press("Enter");
        assertThat(labelled("What the line Find out says")).isFocused();
        lines().getByText("Add a line…").click();
        page.getByLabel("A page’s name, or an address").fill("https://tickets.example/");
        press("Enter");
        page.keyboard().type("Tickets");
        press("Enter");
        assertThat(labelled("What the line Tickets says")).isVisible();
        press("Escape");
        assertThat(lines()).hasCount(0);
        assertThat(lane()).isFocused();
    }

    /** Dark-sky camping stands beneath Visit in the plan and in the menu. */
    private void moveWithItsLine() {
        page.locator("#row-dark-sky-camping").click();
        page.getByRole(AriaRole.TREE).focus();
        press("m", "ArrowLeft", "Enter");
        Locator asks =
                page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Its line in the menu too?"));
        assertThat(asks).containsText("stands beneath Visit. It can go along, on the first level.");
        asks.getByText("Move the line along").click();
        assertThat(page.locator("#row-dark-sky-camping")).hasAttribute("aria-level", "1");
        lane().click();
        assertThat(lines().locator("li:not(.second) .name").last()).hasAttribute("placeholder", "Dark-sky camping");
        press("Escape");
    }

    private void takeBackFromElsewhere() {
        press("Escape");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Media").setExact(true))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Undo “move Dark-sky")))
                .click();
        assertThat(page.locator("main h1")).containsText("Dark-sky camping");
    }
}
