package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A template made from another, worn by three new pages, changed, and rolled out with one choice; undone, and done again. */
class TemplatesTest extends DemoTest {

    @Test
    void aKindAndItsTemplateAreMadeUsedByAnEditorChangedAndRolledOut() {
        makeTheKind();
        placeTheKind();
        makeTheTemplate();
        Page manager = page;
        page = chromium.signedIn(chromium.context(1280, 800), venue, "tomas");
        isRefusedElsewhere();
        makeThreePages();
        fillTheForm();
        adaptOne();
        page = manager;
        changeTheTemplate();
        rollOut();
        seeThePages("A lead for all");
        undoAndDoAgain();
        releaseAndVisit();
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private Locator field(String name) {
        return page.locator("[data-field]").filter(new Locator.FilterOptions().setHasText(name));
    }

    private void addField(String label) {
        page.getByLabel("Label of a new field").fill(label);
        page.keyboard().press("Enter");
        assertThat(field(label)).hasClass(Pattern.compile("open"));
    }

    private void makeTheKind() {
        page.navigate(venue.venue("/kestrel-moor/templates"));
        page.getByText("New kind…").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        sheet.getByLabel("Name").fill("article");
        page.keyboard().press("Enter");
        assertThat(sheet).containsText("There is a kind called “Article” already");
        sheet.getByLabel("Name").fill("Species");
        page.keyboard().press("Enter");
        assertThat(page.locator(".title input")).hasValue("Species");
        addField("Wing span");
        Chromium.choose(field("Wing span").locator(".choice").first(), "Number");
        field("Wing span").getByLabel("Unit").fill("cm");
        field("Wing span").getByLabel("To", exactly()).fill("300");
        page.keyboard().press("Tab");
        field("Wing span").getByLabel("Default").fill("20");
        page.keyboard().press("Tab");
        field("Wing span").getByLabel("Shown in listings and lists of facts").check();
        Locator form = page.locator("[aria-label='The kind as it is filled in and seen']");
        assertThat(form).containsText("Wing span · cm");
        assertThat(form).containsText("As the kind says");
        page.getByLabel("Label of a new field").fill("Habitat");
        button("Under a heading of its own").click();
        assertThat(page.getByLabel("Heading").last()).hasValue("More");
        page.getByLabel("Heading").last().fill("Where it is seen");
        page.keyboard().press("Tab");
        assertThat(form.locator("legend")).hasText("Where it is seen");
    }

    private static Locator.GetByLabelOptions exactly() {
        return new Locator.GetByLabelOptions().setExact(true);
    }

    private void placeTheKind() {
        fact("Stands").locator(".textlink").click();
        page.getByLabel("Beneath these pages only").check();
        page.locator(".v-dialog .v-autocomplete input").fill("Learn");
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName("Learn").setExact(true))
                .click();
        page.keyboard().press("Escape");
        page.getByText("Done").click();
        assertThat(fact("Stands")).containsText("beneath Learn");
        fact("Made by").locator(".textlink").click();
        Chromium.choose(
                page.locator(".v-dialog .one")
                        .filter(new Locator.FilterOptions().setHasText("First writing in"))
                        .locator(".choice"),
                "The form");
        page.getByText("Done").click();
        assertThat(fact("Made by")).containsText("in the form");
    }

    private Locator fact(String label) {
        return page.locator(".fact").filter(new Locator.FilterOptions().setHasText(label));
    }

    private void makeTheTemplate() {
        page.navigate(venue.venue("/kestrel-moor/templates"));
        page.getByText("New template…").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        sheet.getByLabel("Name", exactly()).fill("wide");
        sheet.getByText("Make it").click();
        assertThat(sheet).containsText("There is a template called “Wide” already");
        sheet.getByLabel("Name", exactly()).fill("Field guide");
        page.keyboard().press("Enter");
        assertThat(page.locator(".title input")).hasValue("Field guide");
        assertThat(page.locator(".strip")).containsText("0 pages");
        fact("Usual for").locator(".textlink").click();
        Locator kind = page.locator(".v-dialog tr").filter(new Locator.FilterOptions().setHasText("Species"));
        kind.getByText("Make it the usual one").click();
        assertThat(kind).containsText("0 pages follow");
        page.getByText("Done").click();
    }

    private void isRefusedElsewhere() {
        page.navigate(venue.venue("/kestrel-moor/new?parent=visit"));
        Locator sheet = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New page"));
        assertThat(sheet).containsText("Species pages stand beneath Learn only");
        assertThat(sheet.locator(".kinds b").getByText("Species")).hasCount(0);
        assertThat(page.getByText("Templates", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
    }

    private void makeThreePages() {
        page.navigate(venue.venue("/kestrel-moor/new?parent=learn&several=1"));
        Locator sheet = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New page"));
        sheet.locator(".kinds b").getByText("Species").click();
        assertThat(sheet.locator(".choice .on").first()).containsText("Field guide");
        sheet.locator("textarea").first().fill("Winter birds\nMoths\nLichens");
        page.keyboard().press("Control+Enter");
        assertThat(page).hasURL(Pattern.compile(".*/(plan|page)/.*"));
    }

    /** What does not fit is told as it is typed, and stays as it was typed; what fits is on the page at once. */
    private void fillTheForm() {
        openPage("Moths");
        page.locator(".ways").getByText("Form").click();
        Locator span = page.locator("[aria-label=Form]").getByLabel("Wing span");
        span.fill("500");
        assertThat(page.locator(".trouble")).containsText("It is to be at most 300 cm");
        assertThat(span).hasValue("500");
        span.fill("5");
        assertThat(page.locator(".trouble")).hasCount(0);
        assertThat(page.locator("[aria-label=Form]")).containsText("This page’s own");
        page.locator(".ways").getByText("Galley").click();
        page.locator(".facts summary").click();
        assertThat(page.locator(".facts").getByLabel("Wing span")).hasValue("5");
    }

    private FrameLocator proof() {
        return page.frameLocator("iframe[title=Proof]");
    }

    private void write(String words) {
        page.locator("article.card [contenteditable=true]").first().click();
        page.keyboard().press("Control+A");
        page.keyboard().type(words);
        assertThat(proof().locator("#main")).containsText(words);
    }

    private void adaptOne() {
        openPage("Moths");
        write("Moths have a lead of their own");
    }

    private void openTemplate() {
        page.navigate(venue.venue("/kestrel-moor/templates"));
        page.locator(".name b").getByText("Field guide").click();
        assertThat(page.locator(".title input")).hasValue("Field guide");
    }

    private void changeTheTemplate() {
        openTemplate();
        assertThat(page.locator(".reaching")).containsText("change on 3 pages at once");
        write("A lead for all");
        page.locator(".insert.last").first().click();
        page.locator(".tray").getByLabel("Find a pattern").fill("Notice");
        page.locator(".tray .patterns > button").first().click();
        // The template's own fixed sections stand below it.
        Locator notice =
                page.locator("article.card").filter(new Locator.FilterOptions().setHas(button("More for Notice")));
        assertThat(notice.locator(".reach")).hasText("starter");
        notice.locator(".reach").click();
        Locator asked = page.locator(".v-dialog .sheet");
        assertThat(asked).containsText("at once on the 3 pages wearing it");
        asked.getByText("Make it so").click();
        assertThat(notice.locator(".reach")).hasText("fixed · 3 pages");
        assertThat(page.locator(".reaching")).containsText("3 behind");
    }

    private void rollOut() {
        page.getByText("Roll out to 3 pages…").click();
        Locator rows = page.locator(".matrix tbody tr");
        assertThat(rows).hasCount(3);
        Locator moths = rows.filter(new Locator.FilterOptions().setHasText("Moths"));
        moths.locator(".cell").first().click();
        assertThat(page.locator("aside.pane")).containsText("Moths have a lead of their own");
        assertThat(page.locator("aside.pane")).containsText("A lead for all");
        page.locator("aside.pane").getByText("Leave as it is here").click();
        assertThat(moths).containsText("left as adapted");
        page.getByText(Pattern.compile("^Roll out to 3 pages$")).click();
        assertThat(page.locator(".report")).containsText("Rolled out to 3");
        assertThat(page.locator(".nothing")).containsText("All pages are in step");
    }

    private void seeThePages(String lead) {
        openPage("Lichens");
        assertThat(proof().locator("#main")).containsText(lead);
        openPage("Moths");
        assertThat(proof().locator("#main")).containsText("Moths have a lead of their own");
    }

    private void undoAndDoAgain() {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Undo “roll")))
                .click();
        openPage("Lichens");
        assertThat(proof().locator("#main")).not().containsText("A lead for all");
        openTemplate();
        page.getByText("Roll out to 3 pages…").click();
        page.getByText("leave all").first().click();
        page.getByText("all follow").first().click();
        page.getByText(Pattern.compile("^Roll out to 3 pages$")).click();
        assertThat(page.locator(".report")).containsText("Rolled out to 3");
        openPage("Moths");
        assertThat(proof().locator("#main")).containsText("A lead for all");
    }

    private void releaseAndVisit() {
        page.navigate(venue.venue("/kestrel-moor/releases"));
        Chromium.release(page);
        assertThat(page.locator(".stand")).containsText("release 2");
        for (String path : new String[] {"/learn/lichens", "/learn/moths", "/learn/winter-birds"}) {
            Assertions.assertThat(Visitor.visit(venue, path).body()).as(path).containsOnlyOnce("A lead for all");
        }
    }
}
