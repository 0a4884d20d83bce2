package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A pattern made of two sections of a page, sorted into a group, placed on two pages, changed, rolled out and retired. */
class PatternsTest extends DemoTest {

    private static final String NAME = "Before you come";
    private static final String WORDS = "Bring a red torch and nothing else";

    @Test
    void aPatternIsMadeOfTwoSectionsSortedPlacedChangedRolledOutAndRetired() {
        keepTwoSections();
        sortIntoAGroup();
        place("Learn");
        place("Visit");
        change();
        rollOut();
        retire();
        orderTheGroups();
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator sheet() {
        return page.locator(".v-dialog .sheet");
    }

    private Locator fact(String label) {
        return page.locator(".strip .fact").filter(new Locator.FilterOptions().setHasText(label));
    }

    private FrameLocator proof() {
        return page.frameLocator("iframe[title=Proof]");
    }

    private void goTo(String workspace) {
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName(workspace).setExact(true))
                .first()
                .click();
    }

    private void openPattern() {
        goTo("Patterns");
        page.getByLabel("Find a pattern").fill(NAME);
        page.locator(".group li a").click();
        assertThat(page.locator(".title input")).hasValue(NAME);
    }

    private void keepTwoSections() {
        openPage("Open nights");
        page.locator("article.card").first().hover();
        page.locator("article.card")
                .first()
                .getByText("More", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByText("Keep as a pattern…").click();
        Locator boxes = sheet().getByRole(AriaRole.CHECKBOX);
        assertThat(boxes.nth(0)).isChecked();
        assertThat(boxes.nth(1)).not().isChecked();
        boxes.nth(1).check();
        sheet().getByLabel("Name", new Locator.GetByLabelOptions().setExact(true))
                .fill(NAME);
        sheet().getByText("Keep it").click();
        assertThat(sheet()).hasCount(0);
        assertThat(page.locator("body")).containsText("Kept as the pattern “" + NAME + "”");
    }

    private void sortIntoAGroup() {
        openPattern();
        assertThat(page.locator("article.card")).hasCount(2);
        assertThat(fact("Placed")).containsText("nowhere yet");
        fact("Group").locator(".textlink").click();
        sheet().getByLabel("In a line").fill("What to know the evening before");
        Chromium.choose(sheet().locator(".choice"), "a new group…");
        sheet().getByLabel("Name of the new group").fill("For visitors");
        sheet().getByText("Keep it").click();
        assertThat(fact("Group")).containsText("For visitors");
        goTo("Patterns");
        Locator group = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("For visitors"));
        assertThat(group).containsText(NAME);
        assertThat(group).containsText("What to know the evening before");
    }

    private void place(String title) {
        openPage(title);
        int before = page.locator("article.card").count();
        page.locator(".insert.last").first().click();
        page.locator(".tray").getByLabel("Find a pattern").fill(NAME);
        page.locator(".tray .patterns > button").first().click();
        sheet().getByText("Among mine").click();
        assertThat(page.locator("article.card")).hasCount(before + 2);
    }

    private void change() {
        openPattern();
        assertThat(fact("Placed")).containsText("on 2 pages");
        assertThat(page.locator(".reaching")).containsText("On 2 pages it stands 4 times: 4 in step");
        page.locator("article.card [contenteditable=true]").first().click();
        page.keyboard().press("Control+A");
        page.keyboard().type(WORDS);
        assertThat(proof().locator("#main")).containsText(WORDS);
        assertThat(page.locator(".reaching")).containsText("2 in step, 2 behind");
        fact("Placed").locator(".textlink").click();
        assertThat(sheet().locator("li")).hasCount(2);
        assertThat(sheet().locator("li").first()).containsText("1 in step, 1 behind");
        page.keyboard().press("Escape");
    }

    private void rollOut() {
        button("Roll out to 2 pages…").click();
        assertThat(page.locator(".matrix tbody tr")).hasCount(2);
        button("Roll out to 2 pages").click();
        assertThat(page.locator(".report")).containsText("Rolled out to 2");
        page.locator(".back").click();
        assertThat(page.locator(".reaching")).containsText("4 in step");
        openPage("Learn");
        assertThat(proof().locator("#main")).containsText(WORDS);
    }

    private void retire() {
        openPattern();
        button("More ▾").click();
        page.getByText("Retire it").click();
        assertThat(fact("Retired")).isVisible();
        openPage("Visit");
        assertThat(proof().locator("#main")).containsText(WORDS);
        page.locator(".insert.last").first().click();
        page.locator(".tray").getByLabel("Find a pattern").fill(NAME);
        assertThat(page.locator(".tray")).containsText("No pattern is called so");
        page.keyboard().press("Escape");
        goTo("Patterns");
        assertThat(page.locator(".group li").getByText(NAME)).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^retired")))
                .click();
        assertThat(page.locator(".group li")).containsText(NAME);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^all")))
                .click();
    }

    private void orderTheGroups() {
        assertThat(page.locator(".group h2").first()).hasText("Openings");
        button("Groups…").click();
        Locator voices = sheet().locator("li[data-group=Voices]");
        voices.getByLabel("Name of the group").focus();
        page.keyboard().press("Alt+ArrowUp");
        assertThat(sheet().locator("li").nth(3)).hasAttribute("data-group", "Voices");
        assertThat(voices.getByLabel("Name of the group")).isFocused();
        voices.getByLabel("Name of the group").fill("What others say");
        page.keyboard().press("Enter");
        assertThat(sheet().locator("li").nth(3)).hasAttribute("data-group", "What others say");
        page.keyboard().press("Escape");
        assertThat(page.locator(".group h2").nth(3)).hasText("What others say");
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Undo “name the group")))
                .click();
        assertThat(page.locator(".group h2").nth(3)).hasText("Voices");
    }
}
