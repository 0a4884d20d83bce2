package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** Jobs done with pages. */
final class PageJobs {

    static final List<Job> ALL = List.of(
            new Job("a page that gathers by itself, with its options", 21, PageJobs::gathering),
            new Job("sections added to a page, moved and released alone", 6, PageJobs::sectionsAdded),
            new Job("a family of pages from a template of one’s own, each in the menu", 12, PageJobs::family),
            new Job("people in four layouts, compared on the real people", 9, PageJobs::peopleInLayouts),
            new Job("a plain list made a front with its latest item", 5, PageJobs::listMadeFront),
            new Job("one page under three templates, its column moved, its padding set", 8, PageJobs::threeTemplates),
            new Job("what is found, set otherwise", 5, PageJobs::found),
            new Job("a page for one campaign, of purposeful sections and a timed one", 13, PageJobs::campaign),
            new Job("one look of a page taken to another", 6, PageJobs::taken),
            new Job("a whole page begun from a pattern", 6, PageJobs::wholePage),
            new Job("a page replaced, appended to, kept as a draft, put into the menu", 11, PageJobs::appended),
            new Job("a details page on one, few and many pictures", 4, PageJobs::detailsTried));

    private PageJobs() {}

    private static void named(Desk at, String name) {
        at.acts.key("n");
        at.acts.fill(at.field("Name"), name);
    }

    /** With the kind that it gathers proposed, and each group of its options set and seen beside it. */
    private static void gathering(Desk at) {
        at.beginOnPlan("learn");
        named(at, "Who is here");
        at.acts.press(at.exactly(at.page.locator(".choice"), "People"));
        assertThat(at.page.locator(".name")).containsText("What it gathers");
        at.make();
        at.acts.press("More of Listing");
        option(at, "Order and number", "By first letter");
        assertThat(at.proof().locator("#main .grouped h2").first()).hasText("I");
        at.acts.choose(group(at, "Layout").locator(".choice").last(), "3");
        option(at, "Shown of each", "Round");
        at.acts.press(at.exactly(group(at, "Shown of each"), "With their labels"));
        option(at, "For visitors", "By words");
        at.acts.fill(group(at, "For visitors").getByLabel("When there is none"), "Nobody is in today.");
        option(at, "How it appears", "Rise");
        assertThat(at.proof().locator("#main [role=search]")).isVisible();
        at.release();
        at.visitorsRead("/learn/who-is-here", "Idris Fenwick-Hale");
    }

    /** A group of the listing's options, unfolded. */
    private static Locator group(Desk at, String name) {
        Locator group = at.page.locator(".element.listing .group").filter(new Locator.FilterOptions().setHasText(name));
        Locator head = group.getByRole(AriaRole.BUTTON).first();
        if (head.getAttribute("aria-expanded").equals("false")) {
            at.acts.press(head);
        }
        return group;
    }

    private static void option(Desk at, String group, String words) {
        at.acts.press(at.exactly(group(at, group), words));
    }

    private static void sectionsAdded(Desk at) {
        at.beginAt("/kestrel-moor/page/accessibility");
        at.page.locator(".galley").focus();
        Locator names = at.page.locator("article.card .name");
        int before = names.count();
        at.acts.key("i");
        at.acts.fill(at.page.getByLabel("Find a pattern"), "Notice");
        at.acts.press(at.page.locator(".tray .patterns > button").first());
        assertThat(names).hasCount(before + 1);
        at.acts.key("Alt+ArrowUp");
        assertThat(names.nth(before - 1)).hasValue("Notice");
        at.release();
    }

    private static void family(Desk at) {
        at.beginAt("/kestrel-moor/templates");
        at.acts.press(at.page.getByText("New template…"));
        at.acts.fill(at.field("Name"), "Sky by season");
        at.acts.choose(at.sheet().locator(".choice").first(), "Long read");
        at.acts.press("Make it");
        assertThat(at.page.locator(".title input")).hasValue("Sky by season");
        ShapeJobs.screen(at, "Plan");
        at.acts.press(at.page.locator("#row-learn"));
        at.acts.press(at.page
                .locator(".screen-head")
                .locator("a, button")
                .filter(new Locator.FilterOptions().setHasText("Several")));
        at.acts.fill(at.page.getByPlaceholder("One name on each line"), "Spring sky\nSummer sky\nWinter sky");
        at.acts.press(at.exactly(at.page.locator(".choice"), "Sky by season"));
        at.acts.press(at.page.locator(".where").getByLabel("Main"));
        assertThat(at.page.locator("section.name .yes")).isEnabled();
        at.acts.key("Control+Enter");
        assertThat(at.page
                        .locator("[role=treeitem]")
                        .filter(new Locator.FilterOptions().setHasText("/learn/winter-sky")))
                .containsText("Sky by season");
    }

    private static void peopleInLayouts(Desk at) {
        at.beginOnPlan("learn");
        named(at, "Faces");
        at.makeIn("People");
        at.acts.press(at.page.getByText("Try layouts…").first());
        assertThat(at.sheet()
                        .frameLocator("iframe[title^=Rows]")
                        .locator(".card")
                        .first())
                .isAttached();
        assertThat(at.sheet()
                        .frameLocator("iframe[title^=Table]")
                        .locator("tbody tr")
                        .first())
                .isAttached();
        at.acts.press(at.sheet().locator("label").filter(new Locator.FilterOptions().setHasText("Rows")));
        assertThat(at.sheet().locator("label.on")).containsText("Rows");
        at.acts.key("Escape");
        at.release();
        at.visitorsRead(at.venue.site("/learn/faces"), ".listing.rows", "Idris Fenwick-Hale");
    }

    private static void listMadeFront(Desk at) {
        at.beginAt("/kestrel-moor/page/news?section=news-main2");
        at.acts.press(at.page.locator(".card.chosen").getByText("Try layouts…"));
        at.acts.press(at.sheet().locator("label").filter(new Locator.FilterOptions().setHasText("First one large")));
        assertThat(at.sheet().locator("label.on")).containsText("First one large");
        at.acts.key("Escape");
        at.release();
        at.visitorsRead(at.venue.site("/news"), ".listing.lead", "");
    }

    private static void threeTemplates(Desk at) {
        String left = "With side column at the left";
        at.beginAt("/kestrel-moor/page/getting-here");
        ShapeJobs.fact(at, "Wears");
        assertThat(at.sheet().locator(".fits section")).hasCount(3);
        Locator fit = at.sheet().locator(".fits section").filter(new Locator.FilterOptions().setHasText(left));
        // What other jobs have done may have brought it among the three; pressed there, it would be taken away.
        if (fit.count() == 0) {
            at.acts.press(at.sheet().locator(".hand .all button").filter(new Locator.FilterOptions().setHasText(left)));
        }
        at.acts.press(fit.getByText("Take this"));
        assertThat(at.proof().locator(".page.has-left > aside.side")).isVisible();
        // The proof may be there first; cards that change their zone are made anew.
        assertThat(at.page
                        .locator(".fact")
                        .filter(new Locator.FilterOptions().setHasText("Wears"))
                        .first())
                .containsText(left);
        Locator text = at.page.locator("article.card").last();
        at.acts.press(text.getByText("Settings"));
        at.acts.press(text.getByText("Space").first());
        at.acts.press(text.getByText("Large").first());
        at.release();
        at.visitorsRead(at.venue.site("/visit/getting-here"), ".page.has-left > aside.side", "Opening times");
    }

    private static void wholePage(Desk at) {
        at.beginOnPlan("learn");
        named(at, "Come along");
        at.acts.press(at.page.getByText("Invitation, a whole page"));
        at.make();
        assertThat(at.page.locator("article.card").nth(2)).isVisible();
        at.release();
    }

    /** A page that no release has: whatever is done to it, it stays a draft. */
    private static void appended(Desk at) {
        at.beginAt("/kestrel-moor/page/dark-sky-camping");
        at.page.locator(".galley").focus();
        whole(at, "Event, a whole page", "Instead of mine");
        whole(at, "Help, a whole page", "Among mine");
        at.acts.press(at.page
                .locator(".fact")
                .filter(new Locator.FilterOptions().setHasText("In menus"))
                .getByRole(AriaRole.BUTTON));
        at.acts.press(at.sheet().getByLabel("Foot", new Locator.GetByLabelOptions().setExact(true)));
        at.acts.press(at.page.getByText("Done"));
        assertThat(at.page.locator(".strip")).containsText("Foot, beneath Visit");
        assertThat(at.page.locator(".strip")).containsText("draft");
    }

    private static void whole(Desk at, String name, String how) {
        at.acts.key("i");
        at.acts.fill(at.page.getByLabel("Find a pattern"), name);
        at.acts.press(at.page.locator(".tray .patterns > button").first());
        at.acts.press(at.sheet().getByText(how));
        assertThat(at.page.locator(".tray")).hasCount(0);
    }

    private static void detailsTried(Desk at) {
        at.beginOnPlan("visit");
        at.acts.key("t");
        assertThat(at.sheet().locator(".fits section")).hasCount(3);
        at.acts.press(at.sheet().getByText("the shortest"));
        at.acts.press(at.sheet().getByText("with most pictures"));
        Locator both = at.sheet().locator(".fits section").filter(new Locator.FilterOptions().setHasText("Both sides"));
        at.acts.press(both.getByText("Take this"));
        assertThat(at.page.locator("aside dl")).containsText("Both sides");
    }

    private static void found(Desk at) {
        at.beginAt("/kestrel-moor/page/search");
        at.acts.press(at.page.getByText("Try layouts…"));
        assertThat(at.sheet()).containsText("live pages say it");
        at.acts.press(at.sheet().locator("label").filter(new Locator.FilterOptions().setHasText("With pictures")));
        assertThat(at.sheet().locator("label.on")).containsText("With pictures");
        at.acts.key("Escape");
        at.release();
        at.visitorsRead(at.venue.site("/search?q=comet"), ".found.listing.rows", "comet");
    }

    private static void campaign(Desk at) {
        at.beginOnPlan("support");
        named(at, "A roof for the dome");
        at.makeIn("Landing");
        at.page.locator(".galley").focus();
        int before = at.page.locator("article.card").count();
        at.acts.key("i");
        placed(at, "Figures beside words", "Opening with a countdown", "Three voices");
        assertThat(at.page.locator("article.card")).hasCount(before + 3);
        at.release();
    }

    /** Sections of these patterns, one after another. */
    static void placed(Desk at, String... patterns) {
        int last = patterns.length - 1;
        for (int i = 0; i <= last; i++) {
            at.acts.fill(at.page.getByLabel("Find a pattern"), patterns[i]);
            Locator drawing = at.page.locator(".tray .patterns > button").first();
            assertThat(drawing).containsText(patterns[i]);
            if (i < last) {
                at.acts.pressWithShift(drawing);
            } else {
                at.acts.press(drawing);
            }
        }
        assertThat(at.page.locator(".tray")).hasCount(0);
    }

    private static void taken(Desk at) {
        at.beginAt("/kestrel-moor/page/groups");
        at.more("Take from another page");
        at.acts.write(at.page.getByLabel("The page to take from"), "Support us");
        at.acts.key("Enter");
        at.acts.press(at.exactly(at.sheet(), "Template"));
        at.acts.press(at.sheet().getByText("Take it"));
        assertThat(at.page.locator(".strip")).containsText("Wide picture");
    }
}
