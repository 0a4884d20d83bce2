package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A page of ten sections out of patterns: placed, dragged, resized, filled, looked at, and found again by visitors. */
class ComposeTest extends DemoTest {

    private static final List<String> PATTERNS = List.of(
            "Opening, words alone",
            "Three features",
            "One voice",
            "Questions, folded",
            "Steps side by side",
            "Figures",
            "Call with two ways",
            "Notice",
            "Two voices");

    @Test
    void aPageOfTenSections() throws IOException {
        makeThePage();
        PATTERNS.forEach(this::place);
        assertThat(cards()).hasCount(10);
        dragTheVoiceUp();
        widenTheFirstFeature();
        ground();
        fillEverything();
        writeInTheProof();
        lookNarrowAndWide();
        historyBringsBack();
        release();
        visitorsGetIt();
    }

    private void makeThePage() {
        page.locator("[role=treeitem]")
                .filter(new Locator.FilterOptions().setHasText("/tonight"))
                .click();
        page.keyboard().press("n");
        Locator sheet = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New page"));
        sheet.locator(".kinds b").getByText("Standard page").click();
        sheet.getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)).fill("The winter sky");
        page.keyboard().press("Control+Enter");
        assertThat(page.locator(".title input")).hasValue("The winter sky");
    }

    private Locator cards() {
        return page.locator("article.card");
    }

    private Locator names() {
        return page.locator("article.card .name");
    }

    /** The card of the one before stands before the next is placed: it would move what is pressed from under the pointer. */
    private void place(String pattern) {
        int before = cards().count();
        Chromium.settle(page);
        page.locator(".insert.last").first().click();
        page.locator(".tray").getByLabel("Find a pattern").fill(pattern);
        page.locator(".tray .patterns > button")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^\\s*" + pattern + "\\s")))
                .first()
                .click();
        assertThat(page.locator(".tray")).isHidden();
        assertThat(cards()).hasCount(before + 1);
    }

    private void dragTheVoiceUp() {
        Locator grip = card("A voice").locator(".grip");
        grip.scrollIntoViewIfNeeded();
        BoundingBox from = grip.boundingBox();
        page.mouse().move(from.x + 4, from.y + 8);
        page.mouse().down();
        page.mouse().move(from.x + 4, from.y + 30);
        page.locator(".galley.folded").waitFor();
        cards().nth(1).scrollIntoViewIfNeeded();
        BoundingBox to = cards().nth(1).boundingBox();
        page.mouse().move(to.x + 60, to.y + 6);
        page.mouse().move(to.x + 61, to.y + 5);
        page.mouse().up();
        assertThat(names().nth(1)).hasValue("A voice");
    }

    private Locator card(String name) {
        int at = ((List<?>) names().evaluateAll("all => all.map(n => n.value)")).indexOf(name);
        return cards().nth(at);
    }

    private void widenTheFirstFeature() {
        Locator features = card("Three features");
        Locator edge = features.locator(".edge").first();
        edge.scrollIntoViewIfNeeded();
        Chromium.settle(page);
        edge.hover(new Locator.HoverOptions().setPosition(6, 20));
        BoundingBox from = edge.boundingBox();
        page.mouse().down();
        page.mouse().move(from.x + 50, from.y + 24);
        page.mouse().move(from.x + 100, from.y + 24);
        page.mouse().up();
        assertThat(features.locator(".column").first()).hasAttribute("style", "grid-column: span 6;");
        edge.focus();
        page.keyboard().press("ArrowLeft");
        assertThat(features.locator(".column").first()).hasAttribute("style", "grid-column: span 5;");
        assertThat(proof().locator("#main .col.w5")).hasCount(1);
    }

    /** A background on which the words can't be read is told, and mended in one click. */
    private void ground() {
        Locator notice = card("Notice");
        notice.locator(".name").click();
        notice.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Settings"))
                .click();
        Chromium.choose(notice.locator(".choice").nth(1), "A colour");
        Chromium.choose(notice.locator(".choice").nth(2), "Surface deep");
        assertThat(notice.locator(".weak")).containsText("4.5 is asked");
        notice.locator(".weak button").click();
        assertThat(notice.locator(".weak")).hasCount(0);
    }

    private void fillEverything() {
        Locator waiting = page.locator("article [data-to-fill]");
        assertThat(waiting.first()).isVisible();
        page.getByText("next ↓").click();
        page.keyboard().type("First words");
        page.keyboard().press("Tab");
        page.keyboard().type("Second words");
        for (int round = 0; intoAPlace() && round < 120; round++) {
            page.keyboard().type("Filled " + round);
            // What is written is no place to fill any more, perhaps before the last letter.
            page.evaluate("() => document.activeElement.blur()");
        }
        Chromium.settle(page);
        assertThat(waiting).hasCount(0);
        assertThat(page.locator(".strip")).containsText("none");
    }

    /** Whether there was a place to fill not yet written in, which has the cursor now; what was written is still on its way. */
    private boolean intoAPlace() {
        return (boolean) page.evaluate("() => {"
                + " const place = document.querySelector('article [data-to-fill]:not([data-written])');"
                + " place?.setAttribute('data-written', '');"
                + " place?.querySelector('textarea, input, [contenteditable=true]').focus();"
                + " return !!place }");
    }

    /** Formatted text is written where it stands, with the galley's own keys, and is in the galley when it is left. */
    private void writeInTheProof() {
        Locator text = proof().locator("[data-rich]").getByText("Filled").last();
        text.scrollIntoViewIfNeeded();
        Chromium.settle(page);
        BoundingBox frame = page.locator("iframe[title='Proof']").boundingBox();
        // A scaled frame's own pixels are not the window's.
        List<?> at = (List<?>) text.evaluate("n => { const b = n.getBoundingClientRect();"
                + " return [b.x + b.width / 2, b.y + b.height / 2].map(v => String(v / innerWidth)) }");
        page.mouse()
                .click(
                        frame.x + frame.width * Double.parseDouble((String) at.get(0)),
                        frame.y + frame.width * Double.parseDouble((String) at.get(1)));
        assertThat(proof().locator(".venue-written[contenteditable=true]")).hasCount(1);
        // The editor puts the caret where it was pointed once more, a moment after it has the focus.
        Chromium.settle(text);
        page.keyboard().press("Control+End");
        page.keyboard().type(" and ");
        page.keyboard().press("Control+b");
        page.keyboard().type("boldly");
        page.keyboard().press("Escape");
        assertThat(proof().locator(".venue-written")).hasCount(0);
        assertThat(proof().locator("strong").getByText("boldly")).hasCount(1);
        assertThat(cards().locator("[contenteditable] strong").getByText("boldly"))
                .hasCount(1);
    }

    private FrameLocator proof() {
        return page.frameLocator("iframe[title='Proof']");
    }

    private void lookNarrowAndWide() {
        page.getByText("Narrow proof beside").click();
        FrameLocator narrow = page.frameLocator("iframe[title='Narrow proof']");
        // Ten of its own, and the two that stand on every page.
        assertThat(narrow.locator("#main section")).hasCount(12);
        assertThat(proof().locator("#main section")).hasCount(12);
        int over = ((Number) narrow.locator("html").evaluate("n => n.scrollWidth - n.clientWidth")).intValue();
        Assertions.assertThat(over).isLessThanOrEqualTo(0);
    }

    private void historyBringsBack() {
        card("Figures").locator(".grip").click();
        page.keyboard().press("Delete");
        assertThat(cards()).hasCount(9);
        page.locator(".strip")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("More"))
                .click();
        page.getByText("History…").click();
        page.getByText("Words", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".look .words section")).containsText("gone since");
        page.getByText("Bring it back").click();
        assertThat(page.locator(".look .words")).containsText("Nothing differs");
        page.keyboard().press("Escape");
        assertThat(cards()).hasCount(10);
    }

    private void release() {
        page.navigate(venue.venue("/kestrel-moor/releases"));
        Chromium.release(page);
        assertThat(page.locator(".stand")).containsText("release 2");
    }

    private void visitorsGetIt() throws IOException {
        page.navigate(venue.site("/tonight/the-winter-sky"));
        assertThat(page.locator("h1")).hasText("The winter sky");
        assertThat(page.locator("#main section")).hasCount(12);
        assertThat(page.locator("#main section").nth(1).locator("blockquote")).hasCount(1);
        assertThat(page.locator("#main")).containsText("First words");
        assertThat(page.locator("#main")).containsText("Second words");
        assertThat(page.locator("#main .to-fill")).hasCount(0);
        assertThat(page.locator("#main strong").getByText("boldly")).hasCount(1);
    }
}
