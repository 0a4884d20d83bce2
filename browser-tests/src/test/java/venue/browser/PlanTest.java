package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * A branch comes from a table, is moved, named anew, put in order, taken off, removed and brought back; another page becomes home;
 * addresses are led on. After each of these a robot walks the site and finds nothing that disagrees.
 */
class PlanTest extends DemoTest {

    private Crawler crawler;

    @Test
    void whateverIsDoneToThePlanNothingDisagrees() {
        crawler = new Crawler(venue, page);
        crawler.releaseAndWalk("the beginning");
        outlineFromATable();
        move();
        nameAnew();
        order();
        takeOffRemoveAndBringBack();
        makeAnotherPageHome();
        leadAddressesOn();
    }

    private void at(String id) {
        page.navigate(venue.venue("/kestrel-moor/plan/" + id));
        assertThat(page.locator("[role=treeitem][aria-current]")).isVisible();
        page.getByRole(AriaRole.TREE).focus();
    }

    private String id(String title) {
        return String.valueOf(page.evaluate(
                "async (t) => (await (await fetch('/api/sites/kestrel-moor/news')).json()).plan.rows.find(r => r.title === t)?.id",
                title));
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void outlineFromATable() {
        at("visit");
        button("More ▾").click();
        page.getByText("The plan as a table…").click();
        page.getByLabel("Rows of the plan, headings first")
                .fill(
                        "Title,Address,Menus\nCourses,/courses,Main\nSpinning,/courses/spinning,\nDyeing,/courses/dyeing,\n"
                                + "Lost,/no/where,\nGetting here now,/visit/getting-here,Main; Foot");
        Locator sheet = page.locator(".sheet");
        assertThat(sheet).containsText("3 new pages · 1 changed");
        assertThat(sheet).containsText("No page stands at “/no”");
        sheet.getByText("Take in 4 rows, leave out 1").click();
        assertThat(sheet).hasCount(0);
        crawler.releaseAndWalk("an outline from a table");
    }

    private void move() {
        at(id("Courses"));
        page.keyboard().press("m");
        assertThat(page.locator(".saying")).containsText("Moving Courses");
        page.keyboard().press("ArrowRight");
        String above = page.locator(".saying").textContent().replaceAll(".*beneath (.*?)\\..*", "$1");
        page.keyboard().press("Enter");
        Locator sheet = page.locator(".sheet");
        assertThat(sheet).containsText("3 pages get another address");
        assertThat(sheet).containsText("3 old addresses lead");
        sheet.getByText("Move it", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(sheet).hasCount(0);
        assertThat(above).isNotEmpty();
        crawler.releaseAndWalk("a move");
        assertThat(Visitor.visit(venue, "/courses/dyeing").statusCode()).isEqualTo(301);
    }

    private void nameAnew() {
        at(id("Spinning"));
        page.keyboard().press("Enter");
        page.getByText("no description").first().click();
        page.getByLabel("Last part of the address").fill("by-hand");
        assertThat(page.locator(".sheet")).containsText("1 page gets another address");
        button("Change the address").click();
        assertThat(page.locator(".sheet .found")).containsText("/by-hand");
        crawler.releaseAndWalk("a new name");
    }

    private void order() {
        at("news");
        page.getByText("order…").click();
        Locator sheet = page.locator(".sheet");
        sheet.getByText("by Published").click();
        sheet.getByText("last to first").click();
        sheet.getByText("Put them in order").click();
        assertThat(sheet).hasCount(0);
        page.getByText("order…").click();
        assertThat(sheet).containsText("Somebody orders these pages by hand.");
        sheet.getByText("by Published").click();
        sheet.getByText("always").click();
        sheet.getByText("Put them in order").click();
        assertThat(sheet).hasCount(0);
        String first = firstOfNews();
        String last = String.valueOf(
                page.evaluate(
                        "async () => (await (await fetch('/api/sites/kestrel-moor/news')).json()).plan.rows.filter(r => r.parent === 'news' && r.kind === 'article').at(-1).id"));
        assertThat(last).isNotEqualTo(first);
        Sampler.give(page, Map.of("verb", "set-value", "item", last, "key", "date", "value", "1990-01-01"));
        assertThat(firstOfNews()).as("it keeps itself in order").isEqualTo(last);
        crawler.releaseAndWalk("an order that keeps itself");
    }

    private String firstOfNews() {
        return String.valueOf(
                page.evaluate(
                        "async () => (await (await fetch('/api/sites/kestrel-moor/news')).json()).plan.rows.find(r => r.parent === 'news' && r.kind === 'article').id"));
    }

    private void takeOffRemoveAndBringBack() {
        at(id("Courses"));
        button("Take off the site").click();
        assertThat(button("Put back")).isVisible();
        crawler.releaseAndWalk("a page taken off");
        page.reload();
        button("Put back").click();
        assertThat(button("Take off the site")).isVisible();
        String address = page.locator("[role=treeitem][aria-current] .mono")
                .textContent()
                .strip();
        page.getByRole(AriaRole.TREE).focus();
        page.keyboard().press("Delete");
        assertThat(page.locator(".sheet")).containsText("2 pages beneath it go too.");
        page.getByText("Remove 3 pages").click();
        assertThat(page.getByText(address + "/dyeing")).hasCount(0);
        crawler.releaseAndWalk("a branch removed");
        assertThat(Visitor.visit(venue, address + "/dyeing").statusCode()).isEqualTo(410);
        button("More ▾").click();
        page.getByText("Bin…").click();
        page.getByLabel("Bring back Courses").click();
        assertThat(page.locator(".sheet")).containsText("Nothing lies here.");
        page.keyboard().press("Escape");
        crawler.releaseAndWalk("a branch brought back");
        assertThat(Visitor.visit(venue, address + "/dyeing").statusCode()).isEqualTo(200);
        assertThat(Visitor.visit(venue, "/").body()).contains(address);
    }

    private void makeAnotherPageHome() {
        at("tonight");
        page.keyboard().press("h");
        assertThat(page.locator(".sheet iframe")).hasCount(2);
        button("Make it the home page").click();
        assertThat(page.locator("[role=treeitem][aria-current] .home")).hasText("home");
        crawler.releaseAndWalk("another home page");
        assertThat(Visitor.visit(venue, "/tonight").headers().firstValue("location"))
                .contains("/");
        at("search");
        page.keyboard().press("Delete");
        assertThat(page.locator(".sheet")).containsText("is the site’s page “Search” and can't be removed");
        assertThat(page.locator(".sheet .danger")).isDisabled();
    }

    private void leadAddressesOn() {
        for (String asked : List.of("/open-night", "/open-night")) {
            assertThat(Visitor.visit(venue, asked).statusCode()).isEqualTo(404);
        }
        page.navigate(venue.venue("/kestrel-moor/survey?part=addresses"));
        button("New one…").click();
        page.getByLabel("The address", new Page.GetByLabelOptions().setExact(true))
                .fill("/shop/*");
        page.getByLabel("The page that it leads to").fill("Learn");
        page.keyboard().press("Enter");
        button("Lead it there").click();
        page.getByText("lead there").first().click();
        assertThat(page.locator("tbody")).containsText("/open-night");
        crawler.releaseAndWalk("addresses led on");
        page.reload();
        page.getByLabel("What answers at", new Page.GetByLabelOptions().setExact(true))
                .fill("/Shop/mugs/");
        assertThat(page.locator(".line")).containsText("by /shop/*");
        assertThat(Visitor.visit(venue, "/shop/mugs?x=1").headers().firstValue("location"))
                .contains("/learn?x=1");
        assertThat(Visitor.visit(venue, "/open-night").statusCode()).isEqualTo(301);
    }
}
