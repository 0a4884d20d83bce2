package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Pages that fill themselves: a manager tries layouts and says what is listed; visitors page, choose and sort without a script. */
class GatheredTest extends DemoTest {

    @Test
    void aManagerGathersAndVisitorsChoose() {
        tryLayouts();
        aConditionThatNothingMeets();
        whatVisitorsMayChoose();
        furtherPages();
        topics();
        searchInTheHeader();
        page.navigate(venue.venue("/kestrel-moor/releases"));
        Chromium.release(page);
        assertThat(page.locator(".stand")).containsText(Pattern.compile("release *2"));
        visitorsGetIt(chromium, 360);
        visitorsGetIt(chromium, 1280);
    }

    private Locator listing(String address, String section) {
        page.navigate(venue.venue("/kestrel-moor/page/" + address + "?section=" + section));
        return page.locator(".card.chosen .element.listing");
    }

    private Locator button(Locator in, String name) {
        return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    private Locator group(Locator element, String label) {
        return element.locator(".group").filter(new Locator.FilterOptions().setHasText(label));
    }

    private Locator opened(Locator element, String label) {
        Locator head = group(element, label).getByRole(AriaRole.BUTTON).first();
        if (head.getAttribute("aria-expanded").equals("false")) {
            head.click();
        }
        return group(element, label);
    }

    private FrameLocator proof() {
        return page.frameLocator(".proof iframe >> nth=0");
    }

    private void tryLayouts() {
        Locator past = listing("open-nights", "open-nights-main3");
        past.getByText("Try layouts…").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        assertThat(sheet).containsText("2 entries match");
        assertThat(sheet.locator(".layouts label")).hasCount(11);
        FrameLocator gallery = sheet.frameLocator("iframe[title^=Gallery]");
        assertThat(gallery.locator(".card")).hasCount(2);
        sheet.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("many"))
                .click();
        assertThat(sheet.frameLocator("iframe[title^=Table]").locator("tbody tr"))
                .hasCount(24);
        sheet.locator("label")
                .filter(new Locator.FilterOptions().setHasText("Table"))
                .click();
        assertThat(sheet.locator("label.on")).containsText("Table taken now");
        Locator which = opened(sheet, "What").locator("[data-set=which]");
        Chromium.choose(which.locator(".choice"), "All");
        assertThat(sheet).containsText("5 entries match");
        page.keyboard().press("Escape");
        assertThat(proof().locator("table tbody tr")).hasCount(5);
    }

    private void aConditionThatNothingMeets() {
        Locator coming = listing("open-nights", "open-nights-main2");
        button(coming, "More of Listing").click();
        Locator where = opened(coming, "What").locator("[data-set=conditions]");
        where.getByText("only where…").click();
        Chromium.choose(where.locator(".choice").first(), "Places");
        Chromium.choose(where.locator(".choice").nth(1), "is more, or after");
        where.getByLabel("Value of condition 1").fill("400");
        assertThat(proof().locator("#main mark.to-fill").first())
                .containsText("meets “Places is more than, or after, 400”; visitors don’t see this");
        button(where, "Remove condition 1").click();
        assertThat(proof().locator(".agenda .card")).hasCount(3);
    }

    private void whatVisitorsMayChoose() {
        Locator past = listing("open-nights", "open-nights-main3");
        button(past, "More of Listing").click();
        Locator choose = opened(past, "For visitors").locator("[data-set=choose]");
        choose.getByText("choose…").click();
        Chromium.choose(choose.locator(".choice"), "Guide");
        assertThat(proof().locator(".chips")).containsText("Siân Ollerenshaw 1");
    }

    private void furtherPages() {
        Locator news = listing("news", "news-main2");
        button(news, "More of Listing").click();
        Locator order = opened(news, "Order and number");
        Chromium.choose(order.locator("[data-set=amount] .choice"), "In pages of so many");
        order.getByLabel("At most").fill("3");
        page.keyboard().press("Tab");
        opened(news, "For visitors").locator("[data-set=byWords] input").check();
        assertThat(proof().locator(".further li")).hasCount(3);
    }

    /** One made while typing, and two made one. */
    private void topics() {
        page.navigate(venue.venue("/kestrel-moor/page/article-1/form"));
        Locator line = page.getByLabel("Add to topics");
        line.fill("Volunteers");
        assertThat(page.getByRole(AriaRole.OPTION)).hasText("Make the topic “Volunteers”");
        line.press("Enter");
        assertThat(page.locator(".topics .one")).hasCount(3);
        page.navigate(venue.venue("/kestrel-moor/page/topic-mirrors"));
        page.getByText("More ▾").first().click();
        Chromium.settle(page);
        page.getByText("Merge into another topic…").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        assertThat(sheet).containsText("pages name it");
        Chromium.choose(sheet.locator(".choice"), "The house · 3 pages");
        button(sheet, "Merge").click();
        assertThat(page).hasURL(Pattern.compile(".*/page/topic-house.*"));
        assertThat(proof().locator(".listing .card")).hasCount(4);
    }

    private void searchInTheHeader() {
        page.navigate(venue.venue("/kestrel-moor/theme"));
        Locator header = page.locator(".part").filter(new Locator.FilterOptions().setHasText("Header"));
        assertThat(header.first()).isVisible();
        if (header.first().getAttribute("aria-expanded").equals("false")) {
            header.first().click();
        }
        Chromium.choose(page.locator("[data-setting=headerSearch] .choice"), "As a line to write in");
        assertThat(page.locator(".stand")).containsText("Undo “search");
    }

    private void visitorsGetIt(Chromium chromium, int width) {
        try (BrowserContext plain = chromium.withoutScripts(width, 800)) {
            Page visitor = plain.newPage();
            visitor.navigate(venue.site("/news"));
            assertThat(visitor.locator(".listing .card")).hasCount(3);
            String first = visitor.locator(".listing .card a").first().textContent();
            visitor.locator(".further [rel=next]").click();
            assertThat(visitor).hasURL(Pattern.compile(".*/news/-/2"));
            assertThat(visitor.locator("link[rel=canonical]")).hasAttribute("href", Pattern.compile(".*/news/-/2"));
            assertThat(visitor.locator(".listing")).not().containsText(first);
            visitor.locator(".choosing input[type=search]").fill("comet");
            visitor.locator(".choosing button").click();
            assertThat(visitor.locator(".listing .card")).hasCount(1);
            assertThat(visitor.locator("link[rel=canonical]")).hasAttribute("href", Pattern.compile(".*/news"));
            visitor.navigate(venue.site("/visit/open-nights"));
            visitor.locator(".chips a")
                    .filter(new Locator.FilterOptions().setHasText("Siân"))
                    .click();
            assertThat(visitor.locator("table tbody tr")).hasCount(1);
            visitor.locator(".chips a").first().click();
            visitor.locator("thead a").first().click();
            assertThat(visitor.locator("[aria-sort=ascending]")).hasText("Title");
            assertThat(visitor.locator("tbody th").first()).hasText("Geminids from the heather");
            visitor.navigate(venue.site("/news/topics/mirrors"));
            assertThat(visitor.locator("h1")).hasText("The house");
            visitor.navigate(venue.site("/news/topics/volunteers"));
            assertThat(visitor.locator(".listing .card a")).hasText("The roof rolls again");
            visitor.navigate(venue.site("/news"));
            if (width < 800) {
                visitor.locator("footer").getByText("Search").click();
                visitor.locator(".searching input").fill("zurek comett");
                visitor.locator(".searching button").click();
            } else {
                Locator line = visitor.locator("header > .in > .tools .find input");
                line.fill("zurek comett");
                line.press("Enter");
            }
            visitor.locator(".tally a").click();
            assertThat(visitor.locator(".results a").first()).hasText("Żurek comet seeker");
            assertThat(visitor.locator(".results mark").first()).isVisible();
            org.assertj.core.api.Assertions.assertThat(
                            visitor.evaluate("document.documentElement.scrollWidth - innerWidth"))
                    .as("nothing hangs out sideways")
                    .isEqualTo(0);
        }
    }
}
