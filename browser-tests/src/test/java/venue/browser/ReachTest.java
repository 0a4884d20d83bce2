package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Words written in the proof and as Markdown, and a section that comes to reach further than its page. */
class ReachTest extends DemoTest {

    private static final String MINE = "accessibility-main1";

    @Test
    void aSectionIsWrittenInTheProofSharedPlacedAgainAndPutOnEveryPage() {
        open("accessibility");
        writeInTheProof();
        writeMarkdown();
        share();
        placeAgain();
        zonesRefuse();
        putOnEveryPage();
        release();
    }

    private void open(String id) {
        page.navigate(venue.venue("/kestrel-moor/page/" + id));
        page.locator("article.card").first().waitFor();
    }

    private Locator card(String section) {
        return page.locator("article.card[data-section='" + section + "']");
    }

    private FrameLocator proof() {
        return page.frameLocator("iframe[title=Proof]");
    }

    /** The proof is drawn smaller than it is, so the pointer is sent to where it shows. */
    private void point(Locator inProof) {
        @SuppressWarnings("unchecked")
        Map<String, Number> at = (Map<String, Number>) inProof.evaluate("e => { e.scrollIntoView({block: 'center'});"
                + " const b = e.getBoundingClientRect(); return {x: b.x + 8, y: b.y + b.height / 2, w: innerWidth} }");
        BoundingBox frame = page.locator("iframe[title=Proof]").boundingBox();
        double scale = frame.width / at.get("w").doubleValue();
        page.mouse()
                .click(
                        frame.x + at.get("x").doubleValue() * scale,
                        frame.y + at.get("y").doubleValue() * scale);
    }

    private void undo() {
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Undo")))
                .first()
                .click();
    }

    private void writeInTheProof() {
        Locator words = proof().locator("[data-s=" + MINE + "] [data-rich]");
        Chromium.settle(words);
        point(words.locator("p").first());
        assertThat(words).hasAttribute("contenteditable", "true");
        // The editor puts the caret where it was pointed once more, a moment after it has the focus.
        Chromium.settle(words);
        page.keyboard().press("Control+Home");
        page.keyboard().type("Ask us anything. ");
        assertThat(card(MINE)).containsText("Ask us anything. The visitor room");
        page.keyboard().press("Escape");
        assertThat(words).containsText("Ask us anything. The visitor room");
        undo();
        assertThat(words).not().containsText("Ask us anything.");
        assertThat(card(MINE)).not().containsText("Ask us anything.");
    }

    private void writeMarkdown() {
        card(MINE).locator("[contenteditable=true]").first().click();
        card(MINE)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Markdown"))
                .dispatchEvent("mousedown");
        Locator source = card(MINE).getByLabel("Text as Markdown");
        Assertions.assertThat(source.inputValue()).contains("- Hearing loop in the talk room");
        source.press("Control+End");
        page.keyboard().insertText("\n- A **bench** at [the door](page:visit)");
        source.blur();
        Locator line = proof().locator("[data-s=" + MINE + "] li").last();
        assertThat(line).containsText("A bench at the door");
        assertThat(line.locator("a")).hasAttribute("href", "/visit");
    }

    private void reach(String name, String told) {
        card(MINE).hover();
        card(MINE).locator(".reach").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        Locator line = sheet.locator("li").filter(new Locator.FilterOptions().setHasText(name));
        assertThat(line).containsText(told);
        line.getByText("Make it so").click();
        assertThat(sheet).isHidden();
    }

    private void share() {
        reach("Shared between pages", "changed once, it changes on all of them");
        assertThat(card(MINE).locator(".far-word")).containsText("the same on 1 page");
    }

    private void placeAgain() {
        open("groups");
        page.locator(".insert.last").first().click();
        Locator tray = page.locator(".tray");
        tray.locator("nav button").getByText("Shared").click();
        tray.locator(".patterns > button")
                .filter(new Locator.FilterOptions().setHasText("the same on 1 page"))
                .click();
        Locator again =
                page.locator("article.card").filter(new Locator.FilterOptions().setHasText("the same on 2 pages"));
        again.locator("[contenteditable=true]").first().click();
        page.keyboard().press("Control+Home");
        page.keyboard().type("Both pages say this. ");
        assertThat(proof().locator("#main")).containsText("Both pages say this.");
        open("accessibility");
        assertThat(proof().locator("[data-s=" + MINE + "]")).containsText("Both pages say this.");
    }

    private void zonesRefuse() {
        open("opening-times");
        Locator card = card("opening-times-main1");
        card.hover();
        card.locator(".add").first().click();
        page.getByLabel("Find an element").fill("table");
        page.keyboard().press("Enter");
        assertThat(card.locator(".element.table")).hasCount(1);
        card.getByLabel("More for").click();
        assertThat(page.locator(".v-list-item").filter(new Locator.FilterOptions().setHasText("Side column")))
                .containsText("takes no table");
        undo();
        assertThat(card.locator(".element.table")).hasCount(0);
    }

    private void putOnEveryPage() {
        open("accessibility");
        reach("On every page", "above the footer of all 71 pages");
        assertThat(card(MINE)).hasCount(0);
        assertThat(page.locator(".elsewhere").filter(new Locator.FilterOptions().setHasText("on every page")))
                .hasCount(3);
        open("groups");
        assertThat(proof().locator("#main")).containsText("Both pages say this.");
        assertThat(page.locator(".far-word")).hasCount(1);
    }

    private void release() {
        page.navigate(venue.venue("/kestrel-moor/releases"));
        Chromium.release(page);
        assertThat(page.locator(".stand")).containsText("release 2");
        for (String path : List.of("/", "/visit/groups", "/news")) {
            Assertions.assertThat(Visitor.visit(venue, path).body()).containsOnlyOnce("Both pages say this.");
        }
    }
}
