package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.sun.net.httpserver.HttpServer;
import jakarta.mail.Message;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.server.Further;

/** A form out of a pattern hands its answers on to a machine that fails at first; a full night moves up, and everybody concerned is written to. */
@Further
class BookingTest {

    private static final Pattern LINK = Pattern.compile("http://kestrel-moor\\S+/-/answer\\?of=[\\w.-]+");

    @TempDir
    Path data;

    private final GreenMail mail = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    private final List<String> handedOn = new CopyOnWriteArrayList<>();
    private HttpServer desk;

    @BeforeEach
    void open() throws IOException {
        mail.start();
        desk = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        desk.createContext("/in", asked -> {
            handedOn.add(new String(asked.getRequestBody().readAllBytes(), StandardCharsets.UTF_8));
            asked.sendResponseHeaders(handedOn.size() <= 2 ? 503 : 204, -1);
            asked.close();
        });
        desk.start();
    }

    @AfterEach
    void close() {
        desk.stop(0);
        mail.stop();
    }

    /** The letter to an address that says something; it is waited for. */
    private String letter(String to, String says) {
        return await().atMost(Duration.ofMinutes(2))
                .until(() -> letters(to, says).findFirst(), m -> m.isPresent())
                .orElseThrow();
    }

    private Stream<String> letters(String to, String says) {
        return Stream.of(mail.getReceivedMessages())
                .filter(m -> isTo(m, to))
                .map(m -> GreenMailUtil.getWholeMessage(m).replace("=\r\n", "").replace("=3D", "="))
                .filter(m -> m.contains(says));
    }

    private static boolean isTo(MimeMessage letter, String to) {
        try {
            return letter.getRecipients(Message.RecipientType.TO)[0].toString().equals(to);
        } catch (MessagingException e) {
            return false;
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void placesMoveUpLettersGoOutAndAnswersAreHandedOn() {
        Map<String, Object> set = Map.of(
                "venue.mail-host",
                "127.0.0.1",
                "venue.mail-port",
                mail.getSmtp().getPort(),
                "venue.mail-tls",
                "none",
                "venue.hook-pause",
                "100ms");
        try (Running venue = Running.start(data, set);
                Chromium chromium = new Chromium();
                BrowserContext hers = chromium.context(1280, 800)) {
            Page page = chromium.signedIn(hers, venue, "maja");
            placeAPattern(venue, page);
            handOn(page);
            send(venue, hers.newPage());
            await().atMost(Duration.ofMinutes(1)).until(() -> handedOn.size() == 3);
            assertThat(handedOn.get(2)).contains("\"answered\":\"Tell me of comets\"");
            assertThat(page.locator(".calls")).containsText("No. 1: taken");
            book(venue, hers.newPage());
            giveBack(venue, page);
        }
    }

    private static void placeAPattern(Running venue, Page page) {
        page.navigate(venue.venue("/kestrel-moor/page/accessibility"));
        page.locator(".insert.last").first().click();
        page.getByLabel("Find a pattern").fill("Contact form");
        page.locator(".tray .patterns > button").first().click();
        Locator card = page.locator(".element.form").first();
        assertThat(card).containsText("Your e-mail address");
        card.getByText("This form…").click();
        assertThat(page.locator("[data-field=words]")).containsText("What would you like to say?");
    }

    private void handOn(Page page) {
        Locator to = page.getByLabel("Hand each answer on to");
        to.fill("http://localhost:" + desk.getAddress().getPort() + "/in");
        to.press("Tab");
        assertThat(page.locator(".hook")).containsText("Nothing was handed on yet");
        button(page, "Allow it").click();
        assertThat(page.locator(".hook")).containsText("localhost is asked wherever it stands");
        page.locator(".stand .strong").click();
        Chromium.release(page);
        assertThat(page.locator(".done")).containsText("is live");
        page.goBack();
        assertThat(page.locator(".hook")).isVisible();
    }

    private static void send(Running venue, Page visit) {
        visit.navigate(venue.site("/visit/accessibility"));
        visit.getByLabel("Your name").fill("Alma Reed");
        visit.getByLabel("Your e-mail address").fill("alma@reed.example");
        visit.getByLabel("What would you like to say?").fill("Tell me of comets");
        visit.locator("[name=consent]").check();
        button(visit, "Send it").dblclick();
        assertThat(visit.locator(".thanks")).containsText("has arrived");
        visit.close();
    }

    /** The letter says it, brings the night for a calendar, and leads to where it is given back. */
    private void book(Running venue, Page visit) {
        visit.navigate(venue.site("/book-a-place"));
        visit.locator(".offer").nth(1).click();
        visit.getByLabel("Your name").fill("Rhona Vale");
        visit.getByLabel("Your e-mail address").fill("rhona@vale.example");
        visit.locator("[name=consent]").check();
        visit.getByLabel("How many of you?").fill("2");
        assertThat(button(visit, "Book 2 places")).isVisible();
        visit.getByLabel("How many of you?").fill("1");
        button(visit, "Book a place").click();
        assertThat(visit.locator(".thanks")).containsText("You have a place: Geminids from the heather");
        String letter = letter("rhona@vale.example", "You have a place");
        assertThat(letter).contains("text/calendar").contains("event.ics");
        Matcher link = LINK.matcher(letter);
        assertThat(link.find()).isTrue();
        visit.navigate(link.group());
        button(visit, "Give it back").click();
        assertThat(visit.locator(".thanks")).containsText("Given back: Geminids");
        visit.close();
    }

    private void giveBack(Running venue, Page page) {
        page.navigate(venue.venue("/kestrel-moor/answers/booking-form"));
        button(page, "all 18").or(button(page, "all 19")).click();
        takeBack(page, "R. Okafor");
        assertThat(page.locator(".seats")).containsText("38 of 40 · 3 wait");
        assertThat(letters("priya-halloran@moor-post.example", "You have").toList())
                .as("nobody passes")
                .isEmpty();
        takeBack(page, "Callum Reeve");
        assertThat(page.locator(".seats")).containsText("40 of 40");
        letter("priya-halloran@moor-post.example", "You have 3 places");
        letter("benno-ruk@moor-post.example", "You have a place");
    }

    private static void takeBack(Page page, String who) {
        page.locator("tbody tr")
                .filter(new Locator.FilterOptions().setHasText(who))
                .click();
        button(page, "Give back").click();
        assertThat(page.locator(".slip-pane")).containsText("Gave it back");
    }
}
