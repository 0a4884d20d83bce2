package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import venue.server.Sampled;

/** A menu put in order, named and led outside by keys; a page that moves with its line; all of it released, and taken back. */
class MenusTest extends DemoTest {

    private Locator lane() {
        return page.locator(".menu-lane").first();
    }

    private Locator lines() {
        return page.getByRole(
                AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Menus").setExact(true));
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
        arrange();
        makeOneOfItsOwn();
        moveWithItsLine();
        page.locator(".stand .strong").click();
        Chromium.release(page);
        assertThat(page.locator(".done")).containsText("Release 2 is live.");
        String home = Visitor.visit(venue, "/").body();
        Assertions.assertThat(home)
                .containsSubsequence(">Tonight<", ">Visit<", ">Find out<", "https://tickets.example/", ">Tickets<");
        openWhatIsBeneath(chromium, venue);
        takeBackFromElsewhere();
        nineLinesStandBesideTheName();
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
        Locator asks = page.getByRole(
                AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Move “Dark-sky camping” to the top"));
        assertThat(asks).containsText("In Main, its line goes along, on the first level");
        assertThat(asks).containsText("It stands beneath Visit now.");
        asks.getByText("Move it", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("#row-dark-sky-camping")).hasAttribute("aria-level", "1");
        lane().click();
        assertThat(lines().locator("li[style*=' 0px'] .name").last()).hasAttribute("placeholder", "Dark-sky camping");
        press("Escape");
    }

    /** A menu of the branch under Visit, shown in the closing line of every page. */
    private void makeOneOfItsOwn() {
        page.getByText("Menus…").click();
        lines().getByText("New menu…").click();
        page.keyboard().type("On the moor");
        press("Enter");
        assertThat(lines()).containsText("Shown nowhere yet");
        lines().getByText("Add a line…").click();
        page.getByLabel("A page’s name, or an address").fill("Visit");
        press("Enter");
        lines().getByLabel("Let the pages beneath Visit follow").click();
        assertThat(lines().locator("li.by")).not().hasCount(0);
        lines().getByText("the closing line").click();
        assertThat(lines()).containsText("Shown in the closing line take out");
        press("Escape");
        assertThat(lines()).hasCount(0);
    }

    /** As a visitor, on a narrow screen without a script, and on a wide one by keys. */
    private void openWhatIsBeneath(Chromium chromium, Running venue) {
        try (BrowserContext still = chromium.withoutScripts(390, 800);
                BrowserContext wide = chromium.context(1280, 800)) {
            Page narrow = still.newPage();
            narrow.navigate(venue.site("/visit"));
            narrow.locator(".menu-button").click();
            Locator hours = narrow.locator("#menu").getByText("Opening times");
            assertThat(hours).isHidden();
            narrow.locator("#menu .more summary").first().click();
            assertThat(hours).isVisible();
            assertThat(narrow.locator("#menu a[aria-current=page]")).containsText("Visit");
            Page large = wide.newPage();
            large.navigate(venue.site("/visit"));
            assertThat(large.locator(".foot .closing nav")).containsText("Visit");
            large.locator("#menu summary").first().focus();
            large.keyboard().press("Enter");
            assertThat(large.locator("#menu").getByText("Opening times")).isVisible();
            large.keyboard().press("Escape");
            assertThat(large.locator("#menu").getByText("Opening times")).isHidden();
            assertThat(large.locator("#menu summary").first()).isFocused();
            Assertions.assertThat(Chromium.violations(large)).isEmpty();
        }
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

    /** In every look, at 1280: the lines in one row, and the call to act and the name not beneath them. */
    private void nineLinesStandBesideTheName() {
        List<Map<String, Object>> lines = Stream.of(
                        "Publications",
                        "Observations",
                        "Instrumental",
                        "Open evening",
                        "Our timeline",
                        "Our partners",
                        "Getting here",
                        "Photographic",
                        "Conservation")
                .map(label -> Map.<String, Object>of(
                        "id",
                        "l" + label.hashCode(),
                        "link",
                        "https://elsewhere.example",
                        "label",
                        label,
                        "follows",
                        0,
                        "beneath",
                        List.of()))
                .toList();
        page.navigate(page.url().replaceAll("/kestrel-moor.*", "/kestrel-moor/theme"));
        page.locator(".stand").waitFor();
        Assertions.assertThat(Sampler.give(page, Map.of("verb", "set-lines", "menu", "main", "lines", lines)))
                .isEmpty();
        Sampler.give(page, Map.of("verb", "set-value", "item", "site", "key", "act", "value", ""));
        Sampler.give(page, Map.of("verb", "set-value", "item", "site", "key", "basket", "value", "none"));
        String proofs = Sampler.proofs(page);
        for (String look : Sampled.of("looks", Sampler.LOOKS, 2)) {
            page.navigate(proofs + "page/glossary?look=" + look);
            page.evaluate("() => document.fonts.ready");
            Assertions.assertThat(page.locator("#menu > ul > li").all().stream()
                            .map(l -> Math.round(l.boundingBox().y))
                            .distinct())
                    .as(look)
                    .hasSize(1);
            Assertions.assertThat(page.locator(".top > .in").boundingBox().width)
                    .as(look)
                    .isLessThanOrEqualTo(1280);
        }
    }
}
