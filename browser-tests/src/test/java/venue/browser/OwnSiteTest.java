package venue.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import jakarta.mail.internet.MimeMessage;
import java.nio.file.Path;
import java.security.InvalidKeyException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** From an empty folder to a released site and a second person, who comes, works, forgets and is shut out. */
class OwnSiteTest {

    private static final String HERS = "otter velvet kettle nine";
    private static final String HIS = "seven tin otters sing";
    private static final String NEW = "a kite above the mill pond";
    private static final Pattern LINK = Pattern.compile("http://localhost:\\d+/-/[a-z-]+#[\\w-]+");

    @TempDir
    Path data;

    private List<String> recovery = List.of();
    private final GreenMail mail = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));

    @BeforeEach
    void open() {
        mail.start();
    }

    @AfterEach
    void close() {
        mail.stop();
    }

    /** The links that are good once, in the order of the letters that brought them. */
    private List<String> links() {
        return Stream.of(mail.getReceivedMessages())
                .map(m -> LINK.matcher(GreenMailUtil.getBody(m).replace("=\r\n", "")))
                .flatMap(found -> found.results().map(MatchResult::group).limit(1))
                .toList();
    }

    /** The one that so many letters brought; letters are waited for. */
    private String link(int number) {
        await().atMost(Duration.ofMinutes(2)).until(() -> links().size() >= number);
        return links().get(number - 1);
    }

    /** Who has got their way of signing in changed is told so. */
    private void told(String... subjects) {
        await().atMost(Duration.ofMinutes(2))
                .untilAsserted(() -> assertThat(mail.getReceivedMessages())
                        .extracting(MimeMessage::getSubject)
                        .contains(subjects));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static void fill(Page page, String label, String words) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(words);
    }

    @Test
    void fromAnEmptyFolderToASiteOfTwo() {
        Map<String, Object> smtp = Map.of(
                "venue.mail-host",
                "127.0.0.1",
                "venue.mail-port",
                mail.getSmtp().getPort(),
                "venue.mail-tls",
                "none");
        try (Running venue = Running.empty(data, smtp);
                Chromium chromium = new Chromium();
                BrowserContext hers = chromium.context(1280, 800);
                BrowserContext his = chromium.context(1280, 800)) {
            Page ines = hers.newPage();
            setUp(venue, ines);
            firstSteps(venue, ines);
            invite(ines);
            Page rosa = his.newPage();
            comeIn(rosa, link(1));
            secondStep(rosa);
            mayNot(rosa);
            forget(rosa, venue);
            shutOut(venue, ines, rosa);
        }
    }

    private void setUp(Running venue, Page ines) {
        ines.navigate(venue.venue("/"));
        Locator code = ines.getByLabel("Code, from the window in which Venue was started");
        code.fill("moss-41-lantern");
        code.press("Enter");
        assertThat(ines.getByRole(AriaRole.ALERT)).containsText("not the code that this server printed");
        code.fill(venue.code());
        code.press("Enter");
        assertThat(ines.getByText("✓ right")).isVisible();
        fill(ines, "Name, as colleagues know it", "Ines Holm");
        fill(ines, "E-mail, to sign in with", "ines@loomgate-yard.example");
        fill(ines, "Password", "loomgate yard 2026");
        fill(ines, "Name", "Loomgate Yard");
        assertThat(ines.getByLabel("Host name: its address for now")).hasValue("loomgate-yard.localhost");
        assertThat(ines.frameLocator("iframe[title='About us']").getByText("How it began"))
                .isVisible();
        button(ines, "Begin").click();
        assertThat(ines.getByRole(AriaRole.ALERT)).containsText("guessed soon");
        fill(ines, "Password", HERS);
        button(ines, "Begin").click();
        assertThat(ines).hasURL(Pattern.compile(".*/loomgate-yard/plan"));
    }

    private void firstSteps(Running venue, Page ines) {
        Locator steps = ines.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("First steps"));
        assertThat(steps).containsText("0 of 8 done");
        assertThat(steps).containsText("37 places wait to be filled");
        button(ines, "Release what you made").click();
        assertThat(ines).hasURL(Pattern.compile(".*/releases"));
        Chromium.release(ines);
        assertThat(ines.getByText("Release 2").first()).isVisible();
        assertThat(Visitor.visit(venue, "loomgate-yard.localhost", "/about-us").statusCode())
                .isEqualTo(200);
        assertThat(Visitor.visit(venue, "loomgate-yard.localhost", "/").body()).contains("Loomgate Yard");
        ines.navigate(venue.venue("/loomgate-yard/plan"));
        button(ines, "Have a backup made").click();
        assertThat(ines.getByText("There is no backup yet")).isVisible();
        button(ines, "Make one now").click();
        assertThat(ines.getByText(Pattern.compile("venue-.*[.]venuebackup")).first())
                .isVisible();
        ines.navigate(venue.venue("/loomgate-yard/plan"));
        assertThat(steps).containsText("3 of 8 done");
    }

    private static void invite(Page ines) {
        button(ines, "Invite somebody").click();
        assertThat(ines).hasURL(Pattern.compile(".*/-/people"));
        button(ines, "Invite somebody…").click();
        fill(ines, "E-mail", "rosa@loomgate-yard.example");
        button(ines, "Make the invitation").click();
        assertThat(ines.getByText("The link was sent to rosa@loomgate-yard.example"))
                .isVisible();
        button(ines, "Done").click();
    }

    private static void comeIn(Page rosa, String link) {
        rosa.navigate(link.replaceAll("#.*", "#cut-short"));
        assertThat(rosa.getByText("This invitation has ended")).isVisible();
        rosa.navigate(link);
        fill(rosa, "Your name", "Rosa Lind");
        fill(rosa, "Password", HIS);
        button(rosa, "Come in").click();
        assertThat(rosa).hasURL(Pattern.compile(".*/loomgate-yard/plan"));
        assertThat(rosa.getByText("Privacy").first()).isVisible();
    }

    /** Turns it on, signs out, and in again with a code of the app. */
    private void secondStep(Page rosa) {
        rosa.navigate(rosa.url().replace("/loomgate-yard/plan", "/-/account"));
        button(rosa, "Set it up…").click();
        fill(rosa, "Your password", HIS);
        button(rosa, "Go on").click();
        String secret = rosa.locator(".key").textContent().replace(" ", "");
        String code = code(secret, 0);
        fill(rosa, "The six digits that it shows now", code);
        button(rosa, "Turn it on").click();
        assertThat(rosa.locator(".codes li")).hasCount(10);
        recovery = rosa.locator(".codes li").allTextContents();
        button(rosa, "I have kept them").click();
        button(rosa, "Sign out").click();
        // One's own account has fields of the same names.
        assertThat(button(rosa, "Sign in")).isVisible();
        signIn(rosa, "rosa@loomgate-yard.example", HIS);
        fill(rosa, "Code", code);
        button(rosa, "Sign in").click();
        assertThat(rosa.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("has been used")))
                .isVisible();
        fill(rosa, "Code", recovery.get(0));
        button(rosa, "Sign in").click();
        assertThat(rosa).hasURL(Pattern.compile(".*/loomgate-yard/plan"));
    }

    private static void signIn(Page page, String email, String password) {
        fill(page, "E-mail", email);
        fill(page, "Password", password);
        button(page, "Sign in").click();
    }

    private static String code(String secret, int later) {
        TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
        try {
            return codes.generateOneTimePasswordString(
                    new SecretKeySpec(new Base32().decode(secret), codes.getAlgorithm()),
                    Instant.now().plus(codes.getTimeStep().multipliedBy(later)));
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What managers do is not offered, and refused where it is asked for all the same. */
    private static void mayNot(Page rosa) {
        assertThat(rosa.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Templates")))
                .hasCount(0);
        Object status = rosa.evaluate("async () => (await fetch('/api/people')).status");
        assertThat(status).isEqualTo(403);
    }

    private void forget(Page rosa, Running venue) {
        rosa.navigate(venue.venue("/-/account"));
        button(rosa, "Sign out").click();
        button(rosa, "Forgotten your password?").click();
        fill(rosa, "E-mail", "rosa@loomgate-yard.example");
        button(rosa, "Send the letter").click();
        assertThat(rosa.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("on its way")))
                .isVisible();
        rosa.navigate(link(2));
        fill(rosa, "Password", NEW);
        button(rosa, "Set it").click();
        told("A second step was set up", "Your password was changed");
        button(rosa, "Sign in").click();
        signIn(rosa, "rosa@loomgate-yard.example", HIS);
        assertThat(rosa.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("don't belong")))
                .isVisible();
    }

    /** She is shut out while she works: her window says so, and nothing that she does is taken any more. */
    private void shutOut(Running venue, Page ines, Page rosa) {
        signIn(rosa, "rosa@loomgate-yard.example", NEW);
        fill(rosa, "Code", recovery.get(1));
        button(rosa, "Sign in").click();
        assertThat(rosa).hasURL(Pattern.compile(".*/loomgate-yard/plan"));
        assertThat(rosa.getByText("Privacy").first()).isVisible();
        ines.navigate(venue.venue("/-/people"));
        button(ines, "Rosa Lind").click();
        button(ines, "Deactivate…").click();
        button(ines, "Deactivate").last().click();
        assertThat(ines.getByText("Deactivated: can’t sign in.")).isVisible();
        assertThat(rosa.getByText("This site is no longer yours to work on")).isVisible();
        assertThat(rosa.evaluate("async () => (await fetch('/api/sites/loomgate-yard')).status"))
                .isEqualTo(401);
        rosa.navigate(venue.venue("/"));
        signIn(rosa, "rosa@loomgate-yard.example", NEW);
        assertThat(rosa.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("deactivated")))
                .isVisible();
    }
}
