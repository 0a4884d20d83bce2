package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Something is said, let through, answered, changed, reported and closed; a page is rated once, refused again, cleared. */
class CommentsTest extends DemoTest {

    private static final String ARTICLE = "/news/the-roof-rolls-again";
    private static final String INSTRUMENT = "/instruments/the-heliostat-room";

    private static Locator button(Page in, String name) {
        return in.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    private static void say(Page visit, String words, String who) {
        visit.getByLabel("What would you like to say?").fill(words);
        visit.getByLabel("Your name").fill(who);
        visit.getByLabel("Keep what I say and my name, for others to read.").check();
        button(visit, "Say it").dblclick();
        assertThat(visit.locator(".comments .thanks")).containsText("once somebody has let it through");
    }

    private void letThrough(String who) {
        page.navigate(venue.venue("/kestrel-moor/answers/comment-form"));
        page.locator(".tabs, [role=tablist], .bar")
                .getByText("to let through")
                .first()
                .click();
        button(page, who).click();
        button(page, "Let through").click();
        assertThat(page.locator("table tbody")).not().containsText(who);
    }

    @Test
    void saidLetThroughAnsweredChangedReportedAndClosed() {
        try (BrowserContext hers = chromium.context(1280, 800);
                BrowserContext his = chromium.withoutScripts(1280, 800)) {
            Page ada = hers.newPage();
            ada.navigate(venue.site(ARTICLE));
            assertThat(Chromium.violations(ada)).isEmpty();
            say(ada, "Will there be soup?\n\nhttps://soup.example/leek", "Ada");
            letThrough("Ada");
            Page ben = his.newPage();
            ben.navigate(venue.site(ARTICLE));
            Locator said = ben.locator(".comments article").filter(new Locator.FilterOptions().setHasText("soup"));
            assertThat(said.locator(".words a")).hasAttribute("rel", "ugc nofollow noopener");
            ben.getByLabel("Answer to Ada").click();
            assertThat(ben.locator(".comments .meant")).containsText("Answer to Ada");
            say(ben, "There will.", "Ben");
            letThrough("Ben");
            ada.getByText("Change what you said").click();
            ada.getByLabel("What would you like to say?").fill("Will there be bread?");
            button(ada, "Say it").click();
            assertThat(ada.locator(".comments .thanks")).isVisible();
            ben.navigate(venue.site(ARTICLE));
            assertThat(ben.locator(".comments .gone")).isVisible();
            assertThat(ben.locator(".comments")).not().containsText("soup");
            letThrough("Ada");
            ben.navigate(venue.site(ARTICLE));
            Locator changed = ben.locator(".comments article").filter(new Locator.FilterOptions().setHasText("bread"));
            assertThat(changed).containsText("changed since");
            changed.getByText("Report").click();
            changed.getByText("Tell those who run this site").click();
            assertThat(ben.locator(".comments .thanks")).containsText("Somebody will look at it.");
            takenOff();
            closed();
            ben.navigate(venue.site(ARTICLE));
            assertThat(ben.locator(".comments")).containsText("Comments are closed.");
            assertThat(ben.locator(".comments")).not().containsText("bread");
            assertThat(ben.locator(".comments textarea")).hasCount(0);
        }
    }

    private void takenOff() {
        page.navigate(venue.venue("/kestrel-moor/answers/comment-form"));
        page.locator(".bar").getByText("reported").first().click();
        button(page, "Ada").click();
        button(page, "Take off the page").click();
        assertThat(page.locator("table tbody tr").first()).containsText("not shown");
    }

    private void closed() {
        page.navigate(venue.venue("/kestrel-moor/page/article-1"));
        page.getByText("title and text").first().click();
        Chromium.choose(
                page.locator(".v-dialog .input")
                        .filter(new Locator.FilterOptions().setHasText("As its kind says"))
                        .first(),
                "Closed: what was said stays");
        button(page, "Done").click();
        assertThat(page.locator(".stand")).containsText("All changes kept");
        page.navigate(venue.venue("/kestrel-moor/releases"));
        Chromium.release(page);
        assertThat(page.locator(".stand")).containsText("release 2");
    }

    @Test
    void ratedOnceRefusedAgainAndCleared() {
        try (BrowserContext hers = chromium.withoutScripts(1280, 800)) {
            Page visit = hers.newPage();
            page.navigate(venue.site(INSTRUMENT));
            assertThat(Chromium.violations(page)).isEmpty();
            visit.navigate(venue.site(INSTRUMENT));
            String before = visit.locator(".rating .mean small").innerText();
            visit.locator(".rating label").nth(4).click();
            button(visit, "Rate it").click();
            assertThat(visit.locator(".rating .told")).hasText("You gave 5 of 5.");
            visit.navigate(venue.site(INSTRUMENT));
            assertThat(visit.locator(".rating .mean small")).not().hasText(before);
            visit.locator(".rating label").nth(0).click();
            button(visit, "Rate it").click();
            assertThat(visit.locator(".rating .told")).hasText("You have rated this already.");
            page.navigate(venue.venue("/kestrel-moor/plan/instrument-3-page"));
            page.getByText("clear…").click();
            button(page, "Clear them").click();
            assertThat(page.getByText("clear…")).hasCount(0);
            visit.navigate(venue.site(INSTRUMENT));
            assertThat(visit.locator(".rating")).containsText("Not rated yet");
        }
    }
}
