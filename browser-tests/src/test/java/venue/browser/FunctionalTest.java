package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.sun.net.httpserver.HttpServer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import venue.server.Further;

/** Pages that do one job, made from ready-made templates: documents, people, a list with columns, an archive, a timeline, the contents of the site. */
@Further
class FunctionalTest extends DemoTest {

    private final AtomicInteger fetched = new AtomicInteger();

    @Test
    void aManagerMakesThemAndVisitorsUseThemWithoutAScript() throws IOException {
        HttpServer tiles = tileServer();
        try {
            documents();
            anEarlierVersion();
            people();
            columns();
            archiveAndTimeline();
            contentsOfTheSite();
            partsOfAPage();
            aPlace(tiles.getAddress().getPort());
            page.navigate(venue.venue("/kestrel-moor/releases"));
            Chromium.release(page);
            assertThat(page.locator(".stand")).containsText(Pattern.compile("release *2"));
            visitorsGetIt(chromium, 360);
            visitorsGetIt(chromium, 1280);
            aRealMapOnceAgreed(context.newPage());
        } finally {
            tiles.stop(0);
        }
    }

    /** Stands in for a server of map tiles: each is the same grey square. */
    private HttpServer tileServer() throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(256, 256, BufferedImage.TYPE_BYTE_GRAY), "png", png);
        server.createContext("/", exchange -> {
            fetched.incrementAndGet();
            exchange.getResponseHeaders().add("Content-Type", "image/png");
            exchange.sendResponseHeaders(200, png.size());
            exchange.getResponseBody().write(png.toByteArray());
            exchange.close();
        });
        server.start();
        return server;
    }

    private void make(String template, String name) {
        page.navigate(venue.venue("/kestrel-moor/new?parent=learn"));
        page.locator(".kinds b").getByText("Overview").click();
        page.locator(".choice b")
                .getByText(template, new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(name);
        page.keyboard().press("Control+Enter");
        assertThat(page.locator(".title input")).hasValue(name);
    }

    private FrameLocator proof() {
        return page.frameLocator(".proof iframe >> nth=0");
    }

    private Locator element(String kind) {
        Locator card = page.locator(".element." + kind).first();
        Locator more =
                card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^More of")));
        if (!more.getAttribute("aria-expanded").equals("true")) {
            more.click();
        }
        return card;
    }

    private Locator set(Locator in, String group, String key) {
        Locator head = in.locator(".group")
                .filter(new Locator.FilterOptions().setHasText(group))
                .getByRole(AriaRole.BUTTON)
                .first();
        if (head.getAttribute("aria-expanded").equals("false")) {
            head.click();
        }
        return in.locator("[data-set=" + key + "]");
    }

    private void documents() {
        make("Documents", "Papers");
        Chromium.choose(page.locator(".element.documents .choice").first(), "Guides");
        assertThat(proof().locator(".folder summary"))
                .hasText(new String[] {"For schools 2", "Night books 2", "Before 1", "This year 1"});
    }

    private void anEarlierVersion() {
        page.navigate(venue.venue("/kestrel-moor/media"));
        page.getByText("Autumn sky at a glance").click();
        page.getByText("Replace everywhere…").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        byte[] pdf = "%PDF-1.4\n% the sky of another autumn\n%%EOF\n".getBytes(StandardCharsets.US_ASCII);
        sheet.locator("input[type=file]").setInputFiles(new FilePayload("autumn.pdf", "application/pdf", pdf));
        sheet.getByText("Replace it").click();
        assertThat(page.locator(".versions li")).hasCount(1);
    }

    private void people() {
        page.navigate(venue.venue("/kestrel-moor/page/people?section=people-main2"));
        page.locator(".card.chosen").getByText("Try layouts…").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        assertThat(sheet.locator(".layouts label")).hasCount(11);
        assertThat(sheet.locator("label").filter(new Locator.FilterOptions().setHasText("Agenda")))
                .containsText("needs dates");
        sheet.locator(".layouts label")
                .filter(new Locator.FilterOptions().setHasText("Rows"))
                .click();
        Chromium.choose(set(sheet, "Shown of each", "contacts").locator(".choice"), "As buttons");
        page.keyboard().press("Escape");
        assertThat(proof().locator(".rows .contacts.buttons .button")).hasCount(12);
    }

    private void columns() {
        make("List with columns", "Who pays");
        Locator listing = element("listing");
        Chromium.choose(set(listing, "What", "kind").locator(".choice"), "Sponsor");
        // From here on it is the fields of sponsors that can be chosen.
        assertThat(listing).containsText("Sponsor:");
        Locator fields = set(listing, "Shown of each", "fields");
        fields.getByText("choose…").click();
        Chromium.choose(fields.locator(".choice").first(), "Since");
        assertThat(proof().locator("thead th")).hasText(new String[] {"Title", "Since"});
        name(set(listing, "Order", "first"), "Żuraw Bearings");
        assertThat(proof().locator("tbody tr").first()).containsText("Żuraw Bearings");
    }

    private void name(Locator names, String name) {
        names.getByText(Pattern.compile("choose…|one more…")).click();
        names.locator("input").fill(name);
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .first()
                .click();
    }

    private void archiveAndTimeline() {
        for (String template : List.of("Archive", "Timeline")) {
            make(template, template + " of the news");
            Chromium.choose(set(element("listing"), "What", "kind").locator(".choice"), "Article");
            assertThat(proof().locator(".jump.years .year").first()).isVisible();
        }
        assertThat(proof().locator(".listing.line .card").first()).isVisible();
    }

    private void contentsOfTheSite() {
        page.navigate(venue.venue("/kestrel-moor/page/site-index"));
        Locator except = element("site-index")
                .getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Left out by name"));
        for (String name : List.of("News", "Privacy")) {
            name(except, name);
            assertThat(proof().locator(".site-index a").getByText(name, new Locator.GetByTextOptions().setExact(true)))
                    .hasCount(0);
        }
    }

    /** Two pages at once are given what one of them is then made to differ from. */
    private void partsOfAPage() {
        page.navigate(venue.venue("/kestrel-moor/page/article-2"));
        page.getByText("More ▾").first().click();
        page.getByText("Parts of the page…").click();
        Locator sheet = page.locator(".v-dialog .sheet");
        for (String part : List.of("Pages around", "Before and after it")) {
            Locator row = sheet.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName(part));
            row.getByRole(AriaRole.RADIO).nth(1).click();
        }
        page.keyboard().press("Escape");
        assertThat(proof().locator(".around [aria-current=page]")).hasText("A comet in the net");
        assertThat(proof().locator(".neighbours a")).hasCount(2);
    }

    private void aPlace(int port) {
        page.navigate(venue.venue("/kestrel-moor/settings"));
        Locator server = page.getByLabel("Where maps come from");
        server.fill("https://tiles.example/nowhere.png");
        page.keyboard().press("Tab");
        assertThat(page.locator("#elsewhere ~ *")).containsText("is no address of map tiles");
        server.fill("http://tiles.localhost:" + port + "/{z}/{x}/{y}.png");
        page.keyboard().press("Tab");
        assertThat(page.locator(".stand")).containsText("Undo “where maps come from");
        page.navigate(venue.venue("/kestrel-moor/page/contact-us"));
        page.locator("article.card")
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("Add an element")))
                .first()
                .click();
        page.getByLabel("Find an element").fill("place");
        page.keyboard().press("Enter");
        Locator place = element("place");
        place.getByLabel("Latitude").fill("54.2");
        page.keyboard().press("Tab");
        place.getByLabel("Longitude").fill("-1.5");
        page.keyboard().press("Tab");
        Chromium.choose(
                place.locator(".choice").filter(new Locator.FilterOptions().setHasText("Map: ")),
                "From the site’s map server, when asked for");
        assertThat(proof().locator(".place svg.map")).isVisible();
    }

    private void aRealMapOnceAgreed(Page visitor) {
        visitor.navigate(venue.site("/contact"));
        Locator ask = visitor.locator(".ground .button");
        assertThat(ask).containsText("tiles.localhost");
        assertThat(visitor.locator(".ground svg.map")).isVisible();
        Assertions.assertThat(fetched).as("nothing is fetched before").hasValue(0);
        ask.click();
        assertThat(visitor.locator(".leaflet-tile-loaded").first()).isVisible();
        Assertions.assertThat(fetched).hasPositiveValue();
    }

    private void visitorsGetIt(Chromium chromium, int width) {
        try (BrowserContext plain = chromium.withoutScripts(width, 800)) {
            Page visitor = plain.newPage();
            visitor.navigate(venue.site("/learn/papers"));
            visitor.locator(".folder summary").getByText("Night books").click();
            assertThat(visitor.locator(".folder .folder summary").first()).hasText("Before 1");
            Locator sky =
                    visitor.locator(".documents > li").filter(new Locator.FilterOptions().setHasText("Autumn sky"));
            sky.locator(".earlier summary").click();
            Assertions.assertThat(Visitor.visit(venue, sky.locator(".earlier a").getAttribute("href"))
                            .body())
                    .contains("Square of Pegasus");
            visitor.navigate(venue.site("/people"));
            assertThat(visitor.getByRole(
                            AriaRole.LINK, new Page.GetByRoleOptions().setName("E-mail wren@kestrel-moor.example")))
                    .isVisible();
            visitor.navigate(venue.site("/learn/who-pays"));
            visitor.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Since"))
                    .click();
            assertThat(visitor.locator("tbody th").first()).hasText("The Friends of Kestrel Moor");
            visitor.navigate(venue.site("/learn/archive-of-the-news"));
            visitor.locator(".jump a").last().click();
            assertThat(visitor.locator(":target")).isVisible();
            visitor.navigate(venue.site("/learn/timeline-of-the-news"));
            assertThat(visitor.locator(".line .card")).hasCount(8);
            visitor.navigate(venue.site("/site-index"));
            assertThat(visitor.locator(".site-index")).containsText("Getting here");
            assertThat(visitor.locator(".site-index")).not().containsText("The roof rolls again");
            visitor.navigate(venue.site("/news/a-comet-in-the-net"));
            visitor.locator(".neighbours .next").click();
            assertThat(visitor.locator("h1")).hasText("The roof rolls again");
            Assertions.assertThat(visitor.evaluate("document.documentElement.scrollWidth - innerWidth"))
                    .as("nothing hangs out sideways")
                    .isEqualTo(0);
        }
    }
}
