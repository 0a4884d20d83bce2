package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import jakarta.mail.Message;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.server.DemoFolder;

/** A letter goes to two hundred readers, the server is killed on the way, one leaves by one click: nobody has it twice, and all have it. */
@Order(1)
class LettersTest {

    private static final int READERS = 140;
    private static final int PORT = Running.freePort();
    private static final int MANY_AT_ONCE = 1_500;

    @TempDir
    Path data;

    private final GreenMail mail = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    private Process server;

    @BeforeEach
    void open() throws IOException {
        mail.start();
        DemoFolder.copyTo(data.resolve("moor"));
        start();
    }

    @AfterEach
    void close() {
        server.destroyForcibly();
        mail.stop();
    }

    /** In a process of its own, so that it can be killed. */
    private void start() throws IOException {
        ProcessBuilder made = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                "venue.server.Venue",
                "demo",
                "--port",
                String.valueOf(PORT),
                "--data",
                data.resolve("moor").toString());
        made.environment().put("VENUE_MAIL_HOST", "127.0.0.1");
        made.environment().put("VENUE_MAIL_PORT", String.valueOf(mail.getSmtp().getPort()));
        made.environment().put("VENUE_MAIL_TLS", "none");
        server = made.redirectErrorStream(true).start();
        var lines = server.inputReader();
        for (String line = ""; !line.contains("Password"); ) {
            line = Objects.requireNonNull(lines.readLine(), "the server stopped by itself");
        }
        CompletableFuture.runAsync(() -> lines.lines().forEach(l -> {}));
    }

    private static String venue(String path) {
        return "http://localhost:" + PORT + path;
    }

    private static String site(String path) {
        return "http://kestrel-moor.localhost:" + PORT + path;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    /** To whom a letter has come, as often as it has. */
    private List<String> have(String subject) {
        return Stream.of(mail.getReceivedMessages())
                .filter(m -> header(m, "Subject").equals(subject))
                .map(m -> header(m, "To"))
                .toList();
    }

    private static String header(MimeMessage letter, String name) {
        try {
            return name.equals("Subject")
                    ? letter.getSubject()
                    : name.equals("To")
                            ? letter.getRecipients(Message.RecipientType.TO)[0].toString()
                            : letter.getHeader(name)[0];
        } catch (MessagingException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aLetterComesOnceToEverybodyThoughTheServerIsKilled() throws IOException {
        try (Chromium chromium = new Chromium();
                BrowserContext hers = chromium.context(1280, 800)) {
            Page page = hers.newPage();
            signIn(page);
            bringIn(page);
            String roof = "The roof, again";
            begin(page, roof, "The roof rolls");
            button(page, "Send me a test").click();
            await().atMost(Duration.ofMinutes(1)).until(() -> have(roof).contains("maja@kestrel-moor.example"));
            send(page);
            await().atMost(Duration.ofMinutes(2)).until(() -> have(roof).size() > 60);
            server.destroyForcibly().onExit().join();
            start();
            await().atMost(Duration.ofMinutes(3)).until(() -> have(roof).size() >= READERS);
            page.reload();
            assertThat(page.locator(".gone .label").first()).containsText("Sent");
            sayWhoHasIt(page, roof);
            List<String> all = new ArrayList<>(have(roof));
            all.remove("maja@kestrel-moor.example");
            assertThat(all).doesNotHaveDuplicates().hasSize(READERS);
            newsOfTheMonth(page, leaves(hers, roof));
        }
    }

    private static void signIn(Page page) {
        page.navigate(venue("/"));
        page.getByLabel("E-mail").fill("maja@kestrel-moor.example");
        page.getByLabel("Password").fill(Running.PASSWORD);
        page.keyboard().press("Enter");
        page.locator(".stand").waitFor();
    }

    /** From a table, with how they agreed: without that, nobody comes in. */
    private static void bringIn(Page page) {
        page.navigate(venue("/kestrel-moor/subscribers/letters-form"));
        assertThat(page.locator(".list tbody tr").first()).isVisible();
        int there = Integer.parseInt(
                page.locator(".list nav button").nth(1).innerText().replaceAll("\\D", ""));
        String rows = IntStream.range(there, READERS)
                .mapToObj(i -> "reader" + i + "@moor-post.example")
                .collect(Collectors.joining("\n", "E-mail\n", ""));
        button(page, "Table").click();
        page.getByLabel("The table").fill(rows);
        assertThat(page.locator(".v-dialog")).containsText((READERS - there) + " refused");
        page.locator(".v-dialog .boxed").fill("On paper, at the spring fair");
        button(page, "Bring in " + (READERS - there)).click();
        assertThat(page.locator(".screen-head")).containsText(READERS + " readers");
    }

    private static void begin(Page page, String subject, String of) {
        page.navigate(venue("/kestrel-moor/letters"));
        button(page, "New letter").click();
        Locator line = page.getByLabel("Subject");
        assertThat(line).hasValue("");
        line.fill(subject);
        page.getByLabel("Made of the page").fill(of);
        page.getByRole(AriaRole.OPTION).first().click();
        assertThat(page.frameLocator(".reader iframe").locator("h1")).isVisible();
    }

    /** At a rate that would take a minute, and faster once it is on its way. */
    private static void send(Page page) {
        button(page, "Send to " + READERS).click();
        assertThat(page.locator(".v-dialog")).containsText(READERS + " readers");
        button(page, "Send it").click();
        Locator rate = page.locator(".rate input");
        rate.fill(String.valueOf(MANY_AT_ONCE));
        rate.press("Tab");
    }

    /** The one who was being written to when the server was killed: it is looked up, and said. */
    private void sayWhoHasIt(Page page, String subject) {
        Locator unsure = page.locator(".some li:has(button)");
        for (int left = unsure.count(); left > 0; left--) {
            String email = unsure.first().locator(".grow").innerText();
            String says = have(subject).contains(email) ? "Has it" : "Send again";
            unsure.first()
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(says))
                    .click();
            assertThat(unsure).hasCount(left - 1);
        }
        assertThat(page.locator(".gone dd").first()).hasText(String.valueOf(READERS));
    }

    /** By what the letter's head gives to mail programs (RFC 8058). */
    private String leaves(BrowserContext context, String subject) {
        MimeMessage letter = Stream.of(mail.getReceivedMessages())
                .filter(m ->
                        header(m, "Subject").equals(subject) && header(m, "To").startsWith("reader"))
                .findFirst()
                .orElseThrow();
        assertThat(header(letter, "List-Unsubscribe-Post")).isEqualTo("List-Unsubscribe=One-Click");
        Page visit = context.newPage();
        visit.navigate(site("/visit"));
        Object status = visit.evaluate(
                "to => fetch(to, {method: 'POST', body: new URLSearchParams({'List-Unsubscribe': 'One-Click'})}).then(r => r.status)",
                header(letter, "List-Unsubscribe").replaceAll("[<>]", ""));
        assertThat(status).isEqualTo(200);
        visit.close();
        return header(letter, "To");
    }

    private void newsOfTheMonth(Page page, String left) {
        String news = "The news of this month";
        begin(page, news, "News");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("What is new in its listing"))
                .click();
        assertThat(page.locator(".draft .must")).containsText("Nothing is new");
        Locator since = page.locator(".draft .date input");
        since.fill(LocalDate.now(ZoneOffset.UTC).minusDays(60).toString());
        since.press("Tab");
        assertThat(page.frameLocator(".reader iframe").locator("h2").first()).containsText("The roof rolls again");
        button(page, "Send to " + (READERS - 1)).click();
        button(page, "Send it").click();
        page.locator(".rate input").fill("6000");
        page.locator(".rate input").press("Tab");
        assertThat(page.locator(".gone .label").first())
                .containsText("Sent", new LocatorAssertions.ContainsTextOptions().setTimeout(120_000));
        assertThat(have(news)).hasSize(READERS - 1).doesNotHaveDuplicates().doesNotContain(left);
    }
}
