package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import venue.server.Sampled;

/** The demo is made over: what it says on every page, how that stands, another look beside this one and worn, released, taken back. */
class ThemeTest extends DemoTest {

    private static final String LOGO = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 240 60\" width=\"240\""
            + " height=\"60\"><script>alert(1)</script><circle cx=\"30\" cy=\"30\" r=\"24\"/></svg>";

    @Test
    void aSiteIsMadeOverAndPutBack() {
        page.navigate(venue.venue("/kestrel-moor/theme"));
        sayWhatEveryPageSays();
        knowItByALogo();
        giveItAMenuOfItsOwn();
        arrangeTheFooter();
        putAColumnBesideAKind();
        arrange();
        colour();
        compareAndWear();
        release();
        aVisitorPutsANoticeAway(chromium);
        everyLookCanBeRead();
        goBack();
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator wide() {
        return Chromium.drawing(page.locator(".contact .drawn-place").first());
    }

    private Locator narrow() {
        return Chromium.drawing(page.locator(".contact .drawn-place").nth(1));
    }

    private Locator setting(String label) {
        return page.locator(".setting").filter(new Locator.FilterOptions().setHasText(label));
    }

    private Locator hex(String label) {
        return page.getByLabel(label + " as six digits", new Page.GetByLabelOptions().setExact(true));
    }

    private void sayWhatEveryPageSays() {
        openPart("Header");
        assertThat(page.locator(".sheet-outline")).containsText("on 69 pages, not on Landing’s");
        setting("Call to act").locator("input").fill("Come up");
        page.keyboard().press("Tab");
        assertThat(wide().locator("header .in > .tools .button")).hasText("Come up");
        assertThat(narrow().locator("header .menu-button")).isVisible();
        assertThat(narrow().locator("header .in > .tools")).isHidden();
    }

    /** Drawn with a script in it, which is gone when it is served. */
    private void knowItByALogo() {
        page.locator(".setting .picture").first().click();
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("logo.svg", "image/svg+xml", LOGO.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator("body"))
                .containsText("“logo” held “script”, which may run or load something: taken out.");
        Locator logo = wide().locator("header .name img.logo");
        assertThat(logo).hasAttribute("alt", "Kestrel Moor Observatory");
        assertThat(logo).hasCSS("width", Pattern.compile("1[56]\\d.*px"));
        String drawn = Visitor.visit(venue, logo.getAttribute("src")).body();
        Assertions.assertThat(drawn).contains("circle").doesNotContain("script");
    }

    private void giveItAMenuOfItsOwn() {
        setting("Menu in the header").getByText("New menu…").click();
        page.keyboard().type("On the moor");
        page.keyboard().press("Enter");
        Locator sheet = page.getByRole(
                AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Menus").setExact(true));
        assertThat(sheet).containsText("the header take out");
        sheet.getByText("Add a line…").click();
        page.getByLabel("A page’s name, or an address").fill("Visit");
        page.keyboard().press("Enter");
        sheet.getByLabel("Let the pages beneath Visit follow").click();
        assertThat(sheet.locator("li.by")).not().hasCount(0);
        page.keyboard().press("Escape");
        assertThat(wide().locator("#menu > ul > li")).hasCount(1);
        assertThat(wide().locator("#menu .more ul a").first()).containsText("Opening times");
    }

    private void arrangeTheFooter() {
        openPart("Footer");
        button("Arrange its columns…").click();
        Locator card = page.locator(".card.chosen");
        assertThat(card).containsText("on every page · in the footer");
        page.navigate(venue.venue("/kestrel-moor/theme"));
        assertThat(wide().locator(".foot .cols .menu-lines a").first()).isAttached();
        assertThat(wide().locator(".foot .who")).hasCount(0);
    }

    private void putAColumnBesideAKind() {
        page.navigate(venue.venue("/kestrel-moor/page/welcome?section=dark-road"));
        Locator card = page.locator(".card.chosen");
        card.getByText("Settings ▾").click();
        card.getByText("On every page").last().click();
        Chromium.choose(
                card.locator(".choice").filter(new Locator.FilterOptions().setHasText("Above the footer")),
                "In the left column");
        page.navigate(venue.venue("/kestrel-moor/kinds/standard"));
        page.locator(".strip").getByText(Pattern.compile("everybody, in the")).click();
        Locator sides =
                page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Columns beside the content"));
        Chromium.choose(page.locator(".sheet .choice").filter(new Locator.FilterOptions().setHas(sides)), "Left");
        page.navigate(venue.venue("/kestrel-moor/theme"));
        assertThat(Chromium.drawing(page.locator(".contact .drawn-place").nth(2))
                        .locator("aside.side"))
                .containsText("Keep the moor dark");
    }

    private void arrange() {
        openPart("Header");

        Locator shapes = page.getByRole(
                AriaRole.RADIOGROUP,
                new Page.GetByRoleOptions().setName("Arrangement").setExact(true));
        shapes.locator("[aria-checked=true]").focus();
        page.keyboard().press("ArrowRight");
        assertThat(shapes.locator("[aria-label='Name above the menu']")).hasAttribute("aria-checked", "true");
        assertThat(wide().locator("header .name")).hasCSS("text-align", "center");
        Chromium.choose(setting("When scrolling").locator(".choice"), "Stays");
        assertThat(wide().locator("header")).hasCSS("position", "sticky");
        openPart("Title band");
        Chromium.choose(setting("Stands").locator(".choice"), "In the middle");
        assertThat(Chromium.drawing(page.locator(".contact .drawn-place").nth(2))
                        .locator(".band"))
                .hasCSS("text-align", "center");
    }

    private void colour() {
        openPart("Palette");
        page.getByText("Make one of a colour").click();
        page.getByLabel("Colour to make a palette of").fill("#2f6f4f");
        String was = hex("Words").inputValue();
        page.locator(".maker .made").first().click();
        assertThat(page.locator(".rows")).containsText("pairs of words and ground pass WCAG AA");
        assertThat(hex("Words")).not().hasValue(was);
        assertThat(page.locator(".stand")).containsText("All changes kept");
        hex("Words").fill("#C9BFA9");
        page.keyboard().press("Enter");
        Locator told = page.locator(".note-box").filter(new Locator.FilterOptions().setHasText("Words on the page"));
        assertThat(told).containsText("Asked: 4.5");
        told.locator("button").click();
        assertThat(told).hasCount(0);
        hex("Headings").fill("#5A1F1A");
        page.keyboard().press("Enter");
        assertThat(wide().locator("main h2").first()).hasCSS("color", "rgb(90, 31, 26)");
        button("reset: made of the others, Headings").click();
        assertThat(hex("Headings")).hasValue("");
    }

    private void compareAndWear() {
        button("Compare 11 looks").click();
        button("Press").click();
        button("Almanac").click();
        button("Civic").click();
        assertThat(page.locator(".columns section header b"))
                .hasText(new String[] {"Dusk", "Press", "Almanac", "Civic"});
        page.goBack();
        assertThat(page.locator(".contact .drawn-place").first()).isVisible();
        page.goForward();
        Locator civic =
                page.locator(".columns section").filter(new Locator.FilterOptions().setHas(page.getByText("Civic")));
        civic.getByText("Wear it…").click();
        assertThat(page.locator(".sheet")).containsText("Changes how 71 pages look");
        assertThat(page.locator(".sheet")).containsText("Dusk stays among the looks");
        button("Wear Civic").click();
        assertThat(page.locator(".screen-head")).containsText("wears Civic");
    }

    private void release() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Release \\d+ changes…")))
                .click();
        assertThat(page.locator("[aria-labelledby=waits]")).containsText("Civic");
        Chromium.release(page);
        assertThat(page.locator(".stand")).containsText(Pattern.compile("release *2"));
        Page visit = page.context().newPage();
        visit.navigate(venue.site("/visit/open-nights"));
        assertThat(visit.locator("header .in > .tools .button")).hasText("Come up");
        assertThat(visit.locator("h1")).hasCSS("font-family", Pattern.compile("Source Serif"));
        visit.close();
    }

    private void aVisitorPutsANoticeAway(Chromium chromium) {
        try (BrowserContext visitor = chromium.context(375, 700)) {
            Page visit = visitor.newPage();
            visit.navigate(venue.site("/visit"));
            visit.locator(".notice .away").click();
            assertThat(visit.locator(".notice")).hasCount(0);
            visit.navigate(venue.site("/visit/open-nights"));
            assertThat(visit.locator("h1")).isVisible();
            assertThat(visit.locator(".notice")).hasCount(0);
        }
    }

    /** On a page with an opening and on one with a list: no contrast that fails, nothing that axe finds, nothing too wide. */
    private void everyLookCanBeRead() {
        page.navigate(venue.venue("/kestrel-moor/theme"));
        page.locator(".stand").waitFor();
        String proofs = Sampler.proofs(page);
        SoftAssertions all = new SoftAssertions();
        for (String look : Sampled.of("looks", Sampler.LOOKS, 2)) {
            for (String of : List.of("welcome", "open-nights")) {
                for (int width : new int[] {1280, 360}) {
                    page.setViewportSize(width, 800);
                    page.navigate(proofs + "page/" + of + "?look=" + look);
                    String at = look + ", " + of + ", " + width;
                    if (width > 1000) {
                        all.assertThat(Chromium.violations(page)).as(at).isEmpty();
                    }
                    all.assertThat((Integer) page.evaluate("() => document.documentElement.scrollWidth - innerWidth"))
                            .as(at)
                            .isNotPositive();
                }
            }
        }
        all.assertAll();
        page.setViewportSize(1280, 800);
    }

    /** The look that was worn is as it was, one step back. */
    private void goBack() {
        page.navigate(venue.venue("/kestrel-moor/theme"));
        assertThat(page.locator(".screen-head")).containsText("wears Civic");
        page.locator("body").press("Control+z");
        assertThat(page.locator(".screen-head")).containsText("wears Dusk");
        assertThat(wide().locator("header .name")).hasCSS("text-align", "center");
    }
}
