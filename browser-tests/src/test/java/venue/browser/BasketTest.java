package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Things are taken along, in a sheet beside the page and on a page of their own, and ordered; a price that changed meanwhile is told. */
class BasketTest extends DemoTest {

    private static final String SHELF = "/support-us/the-shelf";

    @Test
    void takenAlongCountedTakenOutAndOrdered() {
        try (BrowserContext hers = chromium.context(1280, 800);
                BrowserContext his = chromium.withoutScripts(1280, 800)) {
            Page visit = hers.newPage();
            besideThePage(visit);
            onItsOwnPage(visit);
            orderedAfterThePriceChanged(his.newPage());
        }
        page.navigate(venue.venue("/kestrel-moor/answers"));
        page.getByText("Order from the shelf").first().click();
        assertThat(page.locator("table")).containsText("Alma Reed");
        page.locator("table tbody tr")
                .filter(new Locator.FilterOptions().setHasText("Alma Reed"))
                .first()
                .click();
        assertThat(page.locator("body")).containsText("2 × Red torch, £9.50 = £19.00");
    }

    private static Locator take(Page visit, String what) {
        return visit.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take it along: " + what));
    }

    private void besideThePage(Page visit) {
        visit.navigate(venue.site(SHELF));
        assertThat(visit.locator(".tools [data-basket] b").last()).isHidden();
        assertThat(visit.locator(".sold-out")).hasText("Sold out");
        take(visit, "Red torch").click();
        Locator sheet = visit.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Basket"));
        assertThat(sheet.locator("output")).hasText("£9.50");
        sheet.getByLabel("How many: Red torch").fill("2");
        sheet.getByLabel("How many: Red torch").press("Tab");
        assertThat(sheet.locator("output")).hasText("£19.00");
        visit.keyboard().press("Escape");
        assertThat(sheet).isHidden();
        take(visit, "Mug with Orion").click();
        assertThat(sheet.locator("output")).hasText("£30.00");
        assertThat(visit.locator(".tools [data-basket] b").last()).hasText("3");
        sheet.getByLabel("Take out: Mug with Orion").click();
        assertThat(sheet.locator("output")).hasText("£19.00");
        assertThat(Chromium.violations(visit)).isEmpty();
        sheet.getByText("Go on to the order").click();
        visit.getByLabel("Your name").fill("Alma Reed");
        visit.getByLabel("Your e-mail address").fill("alma@reed.example");
        visit.getByLabel("On the spot, when I fetch it").check();
        visit.locator("[name=consent]").check();
        visit.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Order").setExact(true))
                .dblclick();
        assertThat(visit.locator(".thanks")).isVisible();
        assertThat(visit.locator(".tools [data-basket] b").last()).isHidden();
    }

    /** The header's tool leads to the basket's page, once a manager says so. */
    private void onItsOwnPage(Page visit) {
        page.navigate(venue.venue("/kestrel-moor/theme"));
        openPart("Header");
        Chromium.choose(
                page.locator(".input")
                        .filter(new Locator.FilterOptions().setHasText("Basket in the header"))
                        .first(),
                "Leads to its page");
        assertThat(page.locator(".stand")).containsText("All changes kept");
        page.navigate(venue.venue("/kestrel-moor/releases"));
        Chromium.release(page);
        assertThat(page.locator(".stand")).containsText("release 2");
        visit.navigate(venue.site(SHELF));
        take(visit, "Mug with Orion").click();
        assertThat(visit.locator(".tools [data-basket] b").last()).hasText("1");
        assertThat(visit.getByRole(AriaRole.DIALOG)).hasCount(0);
        visit.locator(".tools [data-basket]").last().click();
        assertThat(visit.locator("main output")).isVisible();
        assertThat(visit).hasURL(venue.site("/-/basket"));
    }

    /** Without a script; the price is raised between looking and sending. */
    private void orderedAfterThePriceChanged(Page visit) {
        visit.navigate(venue.site(SHELF));
        take(visit, "Red torch").click();
        assertThat(visit.locator("output")).hasText("£9.50");
        visit.getByLabel("Your name").fill("Gil Moss");
        visit.getByLabel("Your e-mail address").fill("gil@moss.example");
        visit.getByLabel("By letter: a bill comes along").check();
        visit.locator("[name=consent]").check();
        raise();
        visit.locator("#form-order-form .send button").click();
        assertThat(visit.locator(".wrongs")).containsText("“Red torch” costs £10.50 now.");
        assertThat(visit.locator(".taken")).containsText("£9.50 when you took it along");
        assertThat(visit.getByLabel("Your name")).hasValue("Gil Moss");
        visit.locator("#form-order-form .send button").click();
        assertThat(visit.locator(".thanks")).isVisible();
        visit.navigate(venue.site("/-/basket"));
        assertThat(visit.locator(".basket.empty")).containsText("Nothing has been taken along yet.");
    }

    private void raise() {
        page.navigate(venue.venue("/kestrel-moor/kinds/shelf-thing"));
        Locator price = page.locator("tr[data-entry=shelf-2]").getByLabel("Price");
        price.fill("10.50");
        price.press("Tab");
        assertThat(page.locator(".stand")).containsText("All changes kept");
        page.navigate(venue.venue("/kestrel-moor/releases"));
        // One change is not asked about.
        page.locator(".side .go").click();
        assertThat(page.locator(".stand")).containsText("release 3");
    }
}
