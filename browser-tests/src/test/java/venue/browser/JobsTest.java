package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Jobs as people do them, from the first step to the public page, with their acts counted ({@code docs/jobs.md}). */
class JobsTest {

    private static final int FIRST_PAGE = 9;
    private static final int GATHERING_PAGE = 6;
    private static final int OTHERWISE = 5;

    @TempDir
    Path data;

    private Running venue;
    private Page page;
    private Acts acts;

    @Test
    void jobsTakeNoMoreActsThanTheyShould() {
        try (Running running = Running.start(data);
                Chromium chromium = new Chromium();
                BrowserContext context = chromium.context(1280, 800)) {
            venue = running;
            page = context.newPage();
            page.navigate(venue.venue("/"));
            begin();
            fromSignInToOnesOwnPageLive();
            assertThat(acts.count()).isLessThanOrEqualTo(FIRST_PAGE);
            page.navigate(venue.venue("/kestrel-moor/plan/learn"));
            assertThat(page.locator(".line.chosen")).containsText("Learn");
            begin();
            aPageThatGathersByItself();
            assertThat(acts.count()).isLessThanOrEqualTo(GATHERING_PAGE);
            page.navigate(venue.venue("/kestrel-moor/kinds/standard"));
            begin();
            titlesOfOneKindLetteredOtherwise();
            assertThat(acts.count()).isLessThanOrEqualTo(OTHERWISE);
        }
    }

    private void begin() {
        acts = new Acts(page);
    }

    private void fromSignInToOnesOwnPageLive() {
        acts.fill(page.getByLabel("E-mail"), "maja@kestrel-moor.example");
        acts.fill(page.getByLabel("Password"), Running.PASSWORD);
        acts.key("Enter");
        page.locator(".line").first().waitFor();
        acts.key("n");
        acts.fill(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)), "A dark week");
        make();
        acts.write(page.locator(".element.text .input").first(), "Seven nights without a moon.");
        assertThat(page.locator(".stand")).containsText("All changes kept");
        release();
        visitorsRead("/a-dark-week", "Seven nights without a moon.");
    }

    /** With the kind that it gathers proposed, and put into all of its sections. */
    private void aPageThatGathersByItself() {
        acts.key("n");
        acts.fill(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)), "Who is here");
        acts.press(page.locator(".choice").getByText("People", new Locator.GetByTextOptions().setExact(true)));
        assertThat(page.locator(".name")).containsText("What it gathers");
        make();
        release();
        visitorsRead("/learn/who-is-here", "Idris Fenwick-Hale");
    }

    private void titlesOfOneKindLetteredOtherwise() {
        acts.press("More ▾");
        acts.press(page.getByText("Differ from the theme…"));
        acts.fill(page.getByLabel("Found by words"), "case of the title");
        acts.press(page.locator(".sheet").getByText("Capitals"));
        assertThat(page.locator(".sheet")).containsText("as the theme again");
        acts.key("Escape");
        page.navigate(venue.venue("/kestrel-moor/page/visit"));
        assertThat(page.frameLocator("iframe[title=Proof]").locator(".band h1")).hasCSS("text-transform", "uppercase");
    }

    private void make() {
        assertThat(page.locator("section.name .yes")).isEnabled();
        acts.key("Control+Enter");
    }

    private void release() {
        acts.press(page.locator("button.state"));
        acts.press(page.locator(".v-dialog .strong"));
        assertThat(page.locator(".v-dialog")).containsText("is live");
        page.keyboard().press("Escape");
    }

    private void visitorsRead(String address, String words) {
        Page visit = page.context().newPage();
        visit.navigate(venue.site(address));
        assertThat(visit.locator("main")).containsText(words);
        visit.close();
    }
}
