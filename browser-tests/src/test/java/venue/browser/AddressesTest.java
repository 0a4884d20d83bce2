package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A branch moves and a page goes; whoever has an old address arrives or is told, and the survey says how. */
class AddressesTest extends DemoTest {

    @Test
    void anOldAddressIsFollowedToWhatAnswers() {
        Sampler.give(page, Map.of("verb", "set-segment", "page", "learn", "segment", "find-out"));
        Sampler.give(page, Map.of("verb", "remove-page", "page", "accessibility"));
        page.navigate(venue.venue("/kestrel-moor/releases"));
        Chromium.release(page);
        assertThat(page.locator(".done")).containsText("Release 2 is live.");
        page.keyboard().press("Escape");
        page.keyboard().press("Control+k");
        page.getByPlaceholder("Find").first().fill("redirect");
        page.keyboard().press("Enter");
        follow("/Learn/schools/");
        assertThat(page.locator(".line")).containsText("/find-out/schools");
        assertThat(page.getByText("Visitors are led to /find-out/schools in one step (301), and get “Schools” there."))
                .isVisible();
        assertThat(Visitor.visit(venue, "/Learn/schools/?from=a").headers().firstValue("location"))
                .contains("/find-out/schools?from=a");
        Locator gone = page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText("/visit/accessibility"));
        assertThat(gone).containsText("gone");
        gone.getByRole(AriaRole.BUTTON).click();
        assertThat(page.getByText("Visitors are told that what stood there is gone (410)."))
                .isVisible();
        assertThat(Visitor.visit(venue, "/visit/accessibility").statusCode()).isEqualTo(410);
        follow("https://elsewhere.example/");
        assertThat(page.locator(".pane [role=alert]")).containsText("That is no address of this site.");
        leadOn();
    }

    /** What is asked for in vain leads to a page from the next release on. */
    private void leadOn() {
        assertThat(Visitor.visit(venue, "/open-night").statusCode()).isEqualTo(404);
        page.reload();
        Locator asked = page.locator("aside li").filter(new Locator.FilterOptions().setHasText("/open-night"));
        assertThat(asked).containsText("Nearest: Open nights");
        asked.getByText("lead there").click();
        assertThat(asked).hasCount(0);
        follow("/Parking/");
        page.getByText("Lead it to a page…").click();
        page.getByLabel("The page that it leads to").fill("Getting here");
        page.keyboard().press("Enter");
        page.getByText("Lead it there").click();
        assertThat(page.locator(".line")).containsText("led on");
        assertThat(page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText("/parking")))
                .containsText("from the next release on");
        page.navigate(venue.venue("/kestrel-moor/releases"));
        page.locator(".side .go").click();
        // What must be fixed, as words that lead to what is gone, doesn't stop it, and is asked about.
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("must be fixed");
        page.getByText("Release it even so").click();
        assertThat(page.locator(".done")).containsText("Release 3 is live.");
        assertThat(Visitor.visit(venue, "/open-night").headers().firstValue("location"))
                .contains("/visit/open-nights");
        assertThat(Visitor.visit(venue, "/PARKING").headers().firstValue("location"))
                .contains("/visit/getting-here");
    }

    private void follow(String address) {
        page.getByLabel("What answers at", new Page.GetByLabelOptions().setExact(true))
                .fill(address);
    }
}
