package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A form is made where it is placed, changed and released; visitors fill it in with scripts and without; its answers are worked with. */
class FormsTest extends DemoTest {

    private static final String HUSH = "The hush <img src=x onerror=alert(1)>";

    @Test
    void aFormIsMadeFilledInAndItsAnswersAreWorkedWith() {
        makeWhereItIsPlaced();
        askForOneThingMore();
        release();
        fillInWithoutScripts();
        bookAndGiveBack();
        workWithWhatCame();
    }

    private Locator button(Page on, String name) {
        return on.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void makeWhereItIsPlaced() {
        page.navigate(venue.venue("/kestrel-moor/page/tonight"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Add an element")))
                .first()
                .click();
        page.getByLabel("Find an element").fill("what visitors fill in");
        page.keyboard().press("Enter");
        Locator card = page.locator(".element.form").first();
        card.getByText("New form…").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        Chromium.choose(sheet.locator(".choice"), "Feedback");
        assertThat(sheet.getByLabel("Name")).hasValue("Feedback");
        sheet.getByText("Make it and place it").click();
        assertThat(card).containsText("How was it?");
        assertThat(page.frameLocator(".pane .wide iframe")
                        .locator(".filling legend")
                        .first())
                .containsText("How was it?");
        card.getByText("This form…").click();
    }

    private void askForOneThingMore() {
        page.getByLabel("Label of a new field").fill("Your age");
        page.keyboard().press("Enter");
        Locator field = page.locator("[data-field=yourAge]");
        Chromium.choose(field.locator(".choice").first(), "Number");
        field.getByLabel("Asked for").check();
        assertThat(page.locator(".stand")).containsText("All changes kept");
        assertThat(field).containsText("asked for");
    }

    private void release() {
        page.locator(".stand .strong").click();
        Chromium.release(page);
        assertThat(page.locator(".done")).containsText("is live");
    }

    private void fillInWithoutScripts() {
        try (BrowserContext still = chromium.withoutScripts(1280, 800)) {
            Page visit = still.newPage();
            visit.navigate(venue.site("/tonight"));
            visit.getByLabel("What did you like?").fill(HUSH);
            button(visit, "Tell us").click();
            assertThat(visit.locator(".wrongs li")).hasCount(2);
            assertThat(visit.getByLabel("What did you like?")).hasValue(HUSH);
            visit.getByLabel("Very good").press("Space");
            visit.getByLabel("Your age").fill("41");
            button(visit, "Tell us").press("Enter");
            assertThat(visit.locator(".thanks")).containsText("What you sent has arrived");
            visit.reload();
            assertThat(visit.locator(".thanks")).isVisible();
        }
    }

    private void bookAndGiveBack() {
        Page visit = context.newPage();
        visit.navigate(venue.site("/book-a-place"));
        visit.locator(".offer").first().click();
        visit.getByLabel("Your name").fill("Rhona Vale");
        visit.getByLabel("Your e-mail address").fill("rhona@vale");
        button(visit, "Book a place").click();
        assertThat(visit.locator(".wrongs li")).hasCount(2);
        assertThat(visit.locator(".wrongs")).isFocused();
        visit.getByLabel("Your e-mail address").fill("rhona@vale.example");
        visit.locator("[name=consent]").check();
        button(visit, "Book a place").dblclick();
        assertThat(visit.locator(".thanks")).containsText("You are number 4 in line");
        button(visit, "Give it back").click();
        assertThat(visit.locator(".thanks")).containsText("Given back: Saturn’s late show");
        visit.close();
    }

    private void workWithWhatCame() {
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Answers").setExact(true))
                .click();
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Forms"))
                .getByText("Feedback")
                .click();
        // Among the open ones it stands no more once it is done.
        button(page, "all 1").click();
        page.locator("tbody tr").first().click();
        Locator slip = page.locator(".slip-pane");
        assertThat(slip).containsText(HUSH);
        slip.getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName("done").setExact(true))
                .click();
        assertThat(page.locator("tbody tr").first()).containsText("✓ done");
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Forms"))
                .getByText("Book a place")
                .click();
        assertThat(page.locator(".seats")).containsText("40 of 40 · 3 wait");
        button(page, "all 19").click();
        page.locator("tbody tr")
                .filter(new Locator.FilterOptions().setHasText("Rhona Vale"))
                .click();
        assertThat(slip).containsText("Gave it back: Saturn’s late show");
        page.locator("tbody tr")
                .filter(new Locator.FilterOptions().setHasText("Priya Halloran"))
                .click();
        slip.getByText("Give places all the same").click();
        assertThat(page.locator(".seats")).containsText("43 of 40 · 3 over · 2 wait");
    }
}
