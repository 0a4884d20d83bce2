package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What goes wrong between people and networks: nothing typed is lost. */
class TogetherTest {

    @TempDir
    Path data;

    @Test
    void whatIsTypedWithoutAConnectionOrASessionArrivesAndTwoPeopleKeepBothTheirWork() {
        try (Running venue = Running.start(data);
                Chromium chromium = new Chromium();
                BrowserContext first = chromium.context(1280, 800);
                BrowserContext second = chromium.context(1280, 800)) {
            Page maja = chromium.signedIn(first, venue, "maja");
            Page tomas = chromium.signedIn(second, venue, "tomas");
            maja.navigate(venue.venue("/kestrel-moor/page/visit"));
            tomas.navigate(venue.venue("/kestrel-moor/page/visit"));
            write(maja, "visit-main1", "Maja was here. ");
            write(tomas, "visit-main2", "Tomás was here. ");
            assertThat(card(maja, "visit-main2")).containsText("Tomás was here.");
            assertThat(card(tomas, "visit-main1")).containsText("Maja was here.");
            assertThat(maja.locator(".who.other")).hasCount(1);
            assertThat(card(maja, "visit-main2").locator("header .other")).hasText("Tomás Jurado");

            offline(first, maja);
            assertThat(card(tomas, "visit-main1")).containsText("Written in the dark.");

            full(maja);
            assertThat(card(tomas, "visit-main1")).containsText("Written on a full disk.");

            expired(first, maja);
            assertThat(card(tomas, "visit-main1")).containsText("Written after the session.");
        }
    }

    private static void offline(BrowserContext context, Page maja) {
        context.setOffline(true);
        write(maja, "visit-main1", "Written in the dark. ");
        assertThat(maja.locator(".stand [role=status]")).containsText("Not connected");
        context.setOffline(false);
        assertThat(maja.locator(".stand [role=status]"))
                .containsText(
                        "All changes kept",
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setTimeout(60_000));
    }

    /** The server answers as it does when its disk is full (see StorageTroubleTest), for a while. */
    private static void full(Page maja) {
        String full = "{\"code\":\"disk-full\",\"detail\":\"The server's disk is full.\",\"fix\":\"Make room.\"}";
        maja.route(
                "**/commands",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setStatus(507)
                        .setContentType("application/problem+json")
                        .setBody(full)));
        write(maja, "visit-main1", "Written on a full disk. ");
        assertThat(maja.locator(".stand [role=status]")).containsText("disk is full");
        assertThat(maja.locator(".notice")).hasCount(0);
        maja.reload();
        assertThat(maja.locator(".stand [role=status]")).containsText("disk is full");
        maja.unroute("**/commands");
    }

    private static void expired(BrowserContext context, Page maja) {
        context.clearCookies();
        write(maja, "visit-main1", "Written after the session. ");
        Locator again = maja.locator(".v-dialog .door-sheet");
        assertThat(again).containsText("Sign in again");
        again.getByLabel("E-mail").fill("maja@kestrel-moor.example");
        again.getByLabel("Password").fill(Running.PASSWORD);
        maja.keyboard().press("Enter");
        assertThat(again).isHidden();
        assertThat(maja.locator(".stand [role=status]"))
                .containsText(
                        "All changes kept",
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setTimeout(60_000));
    }

    private static void write(Page page, String section, String words) {
        Locator text = card(page, section).locator("[contenteditable=true]").first();
        text.click();
        page.keyboard().press("Control+Home");
        page.keyboard().type(words);
    }

    private static Locator card(Page page, String section) {
        return page.locator("[data-section='" + section + "']");
    }
}
