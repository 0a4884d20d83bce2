package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A branch is closed and opened in part, the site is walked as others see it, and members come, stay and go. */
class MembersTest extends DemoTest {

    @Test
    void aBranchIsClosedMembersComeAndTheSiteIsWalkedAsTheySeeIt() {
        closeABranch();
        walkAsOthers();
        String link = invite();
        comeIn(link);
        askToJoinAndBeLetIn();
        closeTheSite();
    }

    private void at(String id) {
        page.navigate(venue.venue("/kestrel-moor/plan/" + id));
        assertThat(page.locator("[role=treeitem][aria-current]")).isVisible();
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator choice(Page on, String name) {
        return on.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator mark(String row, String says) {
        return page.locator("#row-" + row).getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName(says));
    }

    /** Who may see it goes with the branch; one page says otherwise. */
    private void closeABranch() {
        at("visit");
        page.locator(".lens").click();
        page.getByText("who may see it").click();
        choice(page, "members").click();
        assertThat(mark("visit", "Stranger: is asked to sign in")).isVisible();
        assertThat(mark("opening-times", "Stranger: is asked to sign in")).isVisible();
        at("getting-here");
        choice(page, "everyone").click();
        assertThat(mark("getting-here", "Stranger: opens")).isVisible();
        assertThat(page.locator("#row-getting-here")).containsText("everyone");
        new Crawler(venue, page).releaseAndWalk("a closed branch");
        assertThat(Visitor.visit(venue, "/visit").statusCode()).isEqualTo(302);
        assertThat(Visitor.visit(venue, "/visit/getting-here").statusCode()).isEqualTo(200);
    }

    private void walkAsOthers() {
        at("rota");
        for (String as : new String[] {"Crew", "Friends"}) {
            page.locator(".walk")
                    .getByText(as, new Locator.GetByTextOptions().setExact(true))
                    .click();
            button("in a window ↗").click();
            Page walk =
                    context.waitForPage(() -> page.getByText("The live site").click());
            assertThat(walk.locator(".venue-bar")).containsText("as a member of " + as);
            assertThat(walk.locator("h1")).hasText(as.equals("Crew") ? "Night rota" : "This page is not open to you");
            walk.getByText("End the walk").click();
            assertThat(walk.locator(".venue-bar")).hasCount(0);
            walk.close();
        }
    }

    private String invite() {
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Members").setExact(true))
                .click();
        button("Invite…").click();
        Locator sheet = page.locator(".sheet");
        sheet.getByLabel("E-mail").fill("rhona@vale.example");
        sheet.getByLabel("Name, if you know it").fill("Rhona Vale");
        sheet.getByLabel("Crew").check();
        sheet.getByText("Invite", new Locator.GetByTextOptions().setExact(true)).click();
        String link = sheet.locator(".mono").textContent();
        sheet.getByText("Done").click();
        assertThat(page.locator("tr").filter(new Locator.FilterOptions().setHasText("Rhona Vale")))
                .containsText("invited");
        return link;
    }

    /** She is led to the page that she asked for, looks after what is kept of her, and leaves. */
    private void comeIn(String link) {
        try (BrowserContext hers = chromium.context(1024, 768)) {
            Page site = hers.newPage();
            site.navigate(link);
            site.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Confirm"))
                    .click();
            assertThat(site.locator("main")).containsText("You are a member now");
            site.navigate(venue.site("/-/my-page"));
            site.getByText("Sign out").click();
            site.navigate(venue.site("/members/rota"));
            assertThat(site.locator("h1")).hasText("Sign in");
            String sent = String.valueOf(page.evaluate("""
                    async () => {
                      const told = await (await fetch('/api/sites/kestrel-moor/members?q=rhona')).json()
                      const token = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN')).split('=')[1]
                      const at = `/api/sites/kestrel-moor/members/${told.rows[0].id}/link`
                      const made = await fetch(at, { method: 'POST', headers: { 'X-XSRF-TOKEN': token } })
                      return (await made.json()).address
                    }
                    """));
            site.navigate(sent + "&to=/members/rota");
            site.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                    .click();
            assertThat(site.locator("h1")).hasText("Night rota");
            site.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("My page"))
                    .first()
                    .click();
            site.getByLabel("Telephone").fill("01632 960 001");
            site.getByText("Save", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(site.locator("main")).containsText("Saved.");
            site.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Leave"))
                    .click();
            site.getByLabel("Yes, I want to leave.").check();
            site.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leave"))
                    .click();
            assertThat(site.locator("main")).containsText("Nothing is kept of you.");
        }
    }

    private void askToJoinAndBeLetIn() {
        try (BrowserContext theirs = chromium.withoutScripts(1024, 768)) {
            Page site = theirs.newPage();
            site.navigate(venue.site("/-/join"));
            site.locator("input[name=name]").fill("Ines Marr");
            site.getByLabel("E-mail").fill("ines@marr.example");
            site.getByLabel("I agree").check();
            site.getByText("Send", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(site.locator("main")).containsText("Thank you.");
        }
        page.getByLabel("Find members").fill("ines");
        Locator row = page.locator("tr").filter(new Locator.FilterOptions().setHasText("Ines Marr"));
        assertThat(row).containsText("wants to join");
        row.getByRole(AriaRole.CHECKBOX).check();
        button("Let 1 in").click();
        assertThat(row).containsText("● member");
    }

    private void closeTheSite() {
        page.navigate(venue.venue("/kestrel-moor/settings"));
        choice(page, "members").click();
        assertThat(page.locator("#site-gate + *")).isVisible();
        new Crawler(venue, page).releaseAndWalk("a closed site");
        assertThat(Visitor.visit(venue, "/").statusCode()).isEqualTo(302);
        assertThat(Visitor.visit(venue, "/visit/getting-here").statusCode()).isEqualTo(200);
        assertThat(Visitor.visit(venue, "/members/spring-lecture").statusCode()).isEqualTo(200);
        assertThat(Visitor.visit(venue, "/-/sign-in").statusCode()).isEqualTo(200);
    }
}
