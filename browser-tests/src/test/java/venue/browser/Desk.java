package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;

/** Where somebody does a job: a signed-in window, whose acts are counted from where the job begins. */
final class Desk {

    final Page page;
    final Running venue;
    final Path data;
    Acts acts;

    Desk(Page page, Running venue, Path data) {
        this.page = page;
        this.venue = venue;
        this.data = data;
        acts = new Acts(page);
    }

    /** A screen is opened, and the job begins there. */
    void beginAt(String path) {
        open(path);
        acts = new Acts(page);
    }

    void open(String path) {
        page.navigate(venue.venue(path));
        page.locator(".stand").waitFor();
    }

    /** On the Plan, with a page chosen. */
    void beginOnPlan(String id) {
        beginAt("/kestrel-moor/plan/" + id);
        assertThat(page.locator("#row-" + id)).hasClass(Pattern.compile("chosen"));
    }

    Locator exactly(Locator in, String words) {
        return in.getByText(words, new Locator.GetByTextOptions().setExact(true));
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    Locator sheet() {
        return page.locator(".v-dialog .sheet").last();
    }

    /** An entry of the menu “More”. */
    void more(String entry) {
        acts.press(button("More").first());
        acts.press(page.locator(".v-list-item").filter(new Locator.FilterOptions().setHasText(entry)));
    }

    /** The page whose name is written, in the template of that name. */
    void makeIn(String template) {
        acts.press(exactly(page.locator(".choice"), template).first());
        make();
    }

    void make() {
        assertThat(page.locator("section.name .yes")).isEnabled();
        acts.key("Control+Enter");
    }

    /** The page at hand, alone. */
    void release() {
        assertThat(page.locator(".stand")).containsText("All changes kept");
        acts.press(page.locator("button.state"));
        acts.press(page.locator(".v-dialog .strong"));
        assertThat(page.locator(".v-dialog")).containsText("is live");
        page.keyboard().press("Escape");
    }

    FrameLocator proof() {
        return page.frameLocator(".pane .wide iframe");
    }

    void visitorsRead(String address, String words) {
        visitorsRead(venue.site(address), "main", words);
    }

    void visitorsRead(String url, String in, String words) {
        Page visit = page.context().newPage();
        visit.navigate(url);
        assertThat(visit.locator(in).first()).containsText(words);
        visit.close();
    }
}
