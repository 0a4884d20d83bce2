package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import venue.server.Further;

/** What no look brings with it: a font of the site's own, a tone by name, one column apart, pictures that take turns, a switch for the night. */
@Further
class OwnThemeTest extends DemoTest {

    private static final Path FONT = Path.of(
            "../web/node_modules/@fontsource-variable/playfair-display/files/playfair-display-latin-wght-normal.woff2");

    @Test
    void aSiteBringsItsOwn() {
        findEverySetting();
        aFont();
        aTone();
        aColumnApart();
        picturesThatTakeTurns();
        page.navigate(venue.venue("/kestrel-moor/releases"));
        Chromium.release(page);
        assertThat(page.locator(".stand")).containsText(Pattern.compile("release *2"));
        aVisitorGetsIt(chromium);
    }

    private Locator wide() {
        return Chromium.drawing(page.locator(".contact .drawn-place").first());
    }

    private Locator setting(String key) {
        return page.locator("[data-setting=" + key + "]");
    }

    /** Each that is declared, by its name; one of them leads to where it is. */
    private void findEverySetting() {
        List<?> labels =
                (List<?>) page.evaluate("async () => (await (await fetch('/api/sites/kestrel-moor/theme')).json())"
                        + ".groups.flatMap((g) => g.settings.map((s) => s.label))");
        Locator find = page.getByRole(AriaRole.COMBOBOX).first();
        Locator found = page.locator("[role=group][aria-label=Settings] .name");
        find.click();
        for (Object label : labels) {
            find.fill(String.valueOf(label));
            assertThat(found.filter(new Locator.FilterOptions().setHasText(String.valueOf(label)))
                            .first())
                    .isVisible();
        }
        find.fill("dropdown");
        found.first().click();
        assertThat(setting("menuBeneath")).isInViewport();
        Assertions.assertThat(labels).hasSizeGreaterThan(100);
    }

    private void aFont() {
        openPart("Type");
        Chromium.choose(setting("headingFont").locator(".choice"), "One of your own");
        setting("headingFile").locator(".picture").click();
        Locator file = page.locator(".sheet input[type=file]");
        file.setInputFiles(new FilePayload("nice.woff2", "font/woff2", "no font".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("nice.woff2");
        file.setInputFiles(FONT);
        assertThat(setting("headingFile")).containsText("Playfair Display · weights 400 to 900");
        assertThat(wide().locator("h1")).hasCSS("font-family", Pattern.compile("own-heading"));
    }

    private void aTone() {
        openPart("Palette");
        Locator ground = setting("toneFirst").locator(".hex");
        ground.fill("#DCE6D0");
        ground.press("Enter");
        setting("toneFirstName").locator("input").fill("Lichen");
        page.keyboard().press("Tab");
        assertThat(page.locator(".tones")).containsText("Lichen");
    }

    private void aColumnApart() {
        page.navigate(venue.venue("/kestrel-moor/page/visit?section=visit-main2"));
        Locator card = page.locator(".card.chosen");
        card.getByText("Settings ▾").click();
        card.getByText("One column apart").click();
        card.getByText("Column 2").click();
        Locator group = card.locator(".group").last();
        Chromium.choose(group.locator(".choice").first(), "Lichen");
        Chromium.choose(group.locator(".choice").filter(new Locator.FilterOptions().setHasText("Rounded")), "Rounded");
        assertThat(page.frameLocator(".proof iframe >> nth=0").locator(".col.apart"))
                .hasCSS("background-color", "rgb(220, 230, 208)");
    }

    private void picturesThatTakeTurns() {
        page.navigate(venue.venue("/kestrel-moor/page/welcome?section=welcome-main1"));
        Locator card = page.locator(".card.chosen");
        card.getByText("Settings ▾").click();
        Chromium.choose(
                card.locator(".choice").filter(new Locator.FilterOptions().setHasText("Background")),
                "Pictures that take turns");
        for (int i = 0; i < 2; i++) {
            card.getByText("+ add to pictures behind").click();
            card.locator(".many .picture").nth(i).click();
            page.locator(".sheet .all button").nth(i).click();
            assertThat(card.locator(".many .picture img")).hasCount(i + 1);
        }
        assertThat(page.locator(".stand")).containsText("All changes kept");
        page.navigate(venue.venue("/kestrel-moor/theme?at=palette&set=byNight"));
        setting("byNight").locator("input").check();
        setting("nightSwitch").locator("input").check();
        assertThat(wide().locator(".scheme").first()).isAttached();
    }

    private void aVisitorGetsIt(Chromium chromium) {
        try (BrowserContext visitor = chromium.context(1280, 800)) {
            Page visit = visitor.newPage();
            visit.navigate(venue.site("/"));
            Assertions.assertThat(
                            visit.evaluate("async () => (await document.fonts.load('700 40px own-heading')).length"))
                    .isEqualTo(1);
            Locator shown = visit.locator(".back.turns img.at");
            String first = shown.getAttribute("src");
            assertThat(visit.locator(".turning .stop")).isHidden();
            visit.getByLabel("The next picture").click();
            Assertions.assertThat(shown.getAttribute("src")).isNotEqualTo(first);
            Locator dark = visit.locator("header .in > .tools .scheme");
            String light = (String) visit.evaluate("() => getComputedStyle(document.body).backgroundColor");
            dark.click();
            assertThat(dark).hasAttribute("aria-pressed", "true");
            visit.navigate(venue.site("/visit"));
            assertThat(visit.locator("body")).not().hasCSS("background-color", light);
            Assertions.assertThat(Chromium.violations(visit)).isEmpty();
        }
    }
}
