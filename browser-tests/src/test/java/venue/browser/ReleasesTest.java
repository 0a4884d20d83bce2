package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/**
 * What is wrong is mended where it is found; then a part is released, the rest at a time, an editor asks, two releases are compared and one
 * is gone back to. After each, a crawler finds nothing that disagrees.
 */
@ExtendWith(WhatStood.class)
class ReleasesTest {

    @TempDir
    Path data;

    private final AtomicLong ahead = new AtomicLong();

    private Running venue;
    private Page maja;
    private Page tomas;
    private Crawler crawler;

    @Test
    void nothingDisagreesAndNothingSurprises() {
        try (Running running = Running.start(data, () -> Instant.now().plusSeconds(ahead.get()));
                Chromium chromium = new Chromium();
                BrowserContext first = chromium.context(1280, 800);
                BrowserContext second = chromium.context(1280, 800)) {
            venue = running;
            maja = chromium.signedIn(first, venue, "maja");
            tomas = chromium.signedIn(second, venue, "tomas");
            crawler = new Crawler(venue, maja);
            crawler.walkLive("the first release");
            mend();
            releaseAPart();
            setTheRestForATime();
            askGiveBackAskAgain();
            compare();
            goBackAndForward();
        }
    }

    private static void give(Page page, Map<String, Object> command) {
        Assertions.assertThat(page.evaluate(Sampler.GIVE, command)).isEqualTo("");
    }

    private static void title(Page page, String of, String words) {
        give(page, Map.of("verb", "set-title", "page", of, "title", words));
    }

    private static void takeOff(Page page, String of) {
        give(page, Map.of("verb", "withdraw-page", "page", of, "withdrawn", true));
    }

    private Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private Locator change(Page page, String name) {
        return page.locator(".waits .list > ul > li")
                .filter(new Locator.FilterOptions()
                        .setHas(page.locator(".name", new Page.LocatorOptions().setHasText(name))));
    }

    private void open(Page page) {
        page.navigate(venue.venue("/kestrel-moor/releases"));
        assertThat(page.locator(".waits .list")).isVisible();
    }

    /** Every finding that must be fixed goes by a mend that stands beside it. */
    private void mend() {
        String words = "<p>See <a href=\"page:accessibility\">accessibility</a></p>";
        Map<String, Object> written = new HashMap<>(Map.of("verb", "set-value", "key", "text", "value", words));
        written.putAll(Map.of("item", "glossary", "section", "glossary-main1", "element", "e1"));
        give(maja, written);
        takeOff(maja, "accessibility");
        takeOff(maja, "book");
        maja.navigate(venue.venue("/kestrel-moor/survey"));
        Locator must = maja.locator(".findings section:has(.must) li");
        assertThat(must.first()).isVisible();
        Assertions.assertThat(must.count()).isGreaterThan(2);
        for (int mended = 0; must.count() > 0; mended++) {
            Assertions.assertThat(mended).as("mends").isLessThan(20);
            int before = must.count();
            must.first().locator(".v-btn").first().click();
            assertThat(must).not().hasCount(before);
        }
        assertThat(maja.locator(".stand")).containsText("0 must fix");
    }

    private void releaseAPart() {
        open(maja);
        button(maja, "none$").click();
        maja.getByLabel("Release Dark-sky camping").check();
        assertThat(maja.locator(".sum").first()).containsText("1 of");
        assertThat(maja.locator(".side")).containsText("+ comes: /visit/dark-sky-camping");
        Chromium.release(maja);
        assertThat(maja.locator(".done")).containsText("Release 2 is live.");
        crawler.walkLive("a part was released");
    }

    private void setTheRestForATime() {
        String when = LocalDateTime.ofInstant(Instant.now().plusSeconds(ahead.get()), ZoneId.of("Europe/London"))
                .plusHours(2)
                .truncatedTo(ChronoUnit.MINUTES)
                .toString();
        button(maja, "all$").click();
        button(maja, "on a day and hour").click();
        maja.getByLabel("On which day", new Page.GetByLabelOptions().setExact(true))
                .fill(when.substring(0, 10));
        maja.keyboard().press("Enter");
        maja.getByLabel("On which day, time of day").fill(when.substring(11));
        maja.keyboard().press("Enter");
        maja.locator(".side .go").click();
        maja.locator(".v-dialog .strong").click();
        assertThat(maja.locator(".waits .told")).containsText("It stands on the line below");
        assertThat(maja.locator(".stand")).containsText("next");
        assertThat(change(maja, "The night book")).containsText("set for");
        title(maja, "night-book", "The night book of the moor");
        maja.locator(".tick.coming").click();
        assertThat(maja.locator(".planned")).containsText("Changed since, which waits: The night book of the moor");
        ahead.addAndGet(2 * 3600 + 30);
        assertThat(maja.locator(".releases-line")).containsText("3, live since ");
        assertThat(maja.locator(".tick.coming")).hasCount(0);
        Assertions.assertThat(Visitor.visit(venue, "/the-night-book").body()).contains("<h1>The night book</h1>");
        crawler.walkLive("the rest went live at its time");
    }

    private void askGiveBackAskAgain() {
        title(tomas, "glossary", "Words of the night");
        ask("before Friday, please");
        open(maja);
        assertThat(maja.locator(".stand")).containsText("1 asked for");
        assertThat(change(maja, "Words of the night")).containsText("Tomás Jurado asks: before Friday, please");
        button(maja, "give back").click();
        maja.getByLabel("What is still to be done").fill("Of which night?");
        maja.keyboard().press("Enter");
        assertThat(change(tomas, "Words of the night")).containsText("gave it back to you: Of which night?");
        title(tomas, "glossary", "Words of the winter night");
        ask("now it says so");
        button(maja, "asked for").click();
        Chromium.release(maja);
        assertThat(maja.locator(".done")).containsText("Release 4 is live.");
        assertThat(tomas.locator(".waits")).not().containsText("You ask");
        crawler.walkLive("what was asked for was released");
    }

    private void ask(String word) {
        open(tomas);
        assertThat(tomas.getByLabel("Release Words of the", new Page.GetByLabelOptions()))
                .isChecked();
        tomas.getByLabel("A word to the managers").fill(word);
        button(tomas, "Ask for this one").click();
        assertThat(change(tomas, "Words of the")).containsText("You ask: " + word);
    }

    private void compare() {
        maja.getByLabel(Pattern.compile("^Release 2, ")).click();
        assertThat(maja.locator(".past")).containsText("Release 2");
        maja.getByLabel(Pattern.compile("^Release 4, ")).click();
        assertThat(maja.locator(".past h2")).hasText("Release 2 and release 4");
        maja.locator(".past").getByText("Words of the winter night").first().click();
        button(maja, "words$").click();
        assertThat(maja.locator(".past .words")).containsText("Words of the winter night");
        maja.keyboard().press("Escape");
        assertThat(maja.locator(".past")).hasCount(0);
    }

    private void goBackAndForward() {
        back(2, 5);
        Assertions.assertThat(Visitor.visit(venue, "/the-night-book").statusCode())
                .isIn(404, 410);
        crawler.walkLive("it went back to release 2");
        assertThat(maja.locator(".releases-line")).containsText("5 went back to 2");
        back(4, 6);
        Assertions.assertThat(Visitor.visit(venue, "/learn/glossary").body()).contains("Words of the winter night");
        crawler.walkLive("it came forward to release 4");
    }

    private void back(int to, int becomes) {
        maja.getByLabel(Pattern.compile("^Release " + to + ", ")).click();
        button(maja, "Go back to it").click();
        assertThat(maja.getByRole(AriaRole.DIALOG)).containsText("Go back to release " + to);
        button(maja, "Go back$").click();
        assertThat(maja.locator(".releases-line")).containsText(becomes + ", live since ");
    }
}
