package venue.server.mail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SubscriberId;
import venue.store.letter.Mailing.Outcome;

/** What a mail server says is taken for what it means: for this address, for this letter, for a while, or for everybody. */
class ListPostTest {

    private static final SubscriberId ADA = new SubscriberId("ada");
    private static final String CUT = "cut";

    private final Map<String, String> says = new ConcurrentHashMap<>();
    private final List<String> heard = new CopyOnWriteArrayList<>();
    private ServerSocket server;
    private ListPost post;

    @BeforeEach
    void open() throws IOException {
        server = new ServerSocket(0, 10, InetAddress.getLoopbackAddress());
        Thread desk = new Thread(this::serve);
        desk.setDaemon(true);
        desk.start();
        post = post(server.getLocalPort());
    }

    @AfterEach
    void close() throws IOException {
        server.close();
    }

    private static ListPost post(int port) {
        return new ListPost(new Post(new MailSettings(
                "127.0.0.1", port, null, null, MailSettings.Tls.NONE, "us@moor.example", null, "venue")));
    }

    private void serve() {
        while (!server.isClosed()) {
            try (Socket one = server.accept();
                    BufferedReader in = new BufferedReader(
                            new InputStreamReader(one.getInputStream(), StandardCharsets.ISO_8859_1))) {
                say(one, "220 moor");
                talk(one, in);
            } catch (IOException gone) {
                // The next one is waited for.
            }
        }
    }

    private void talk(Socket one, BufferedReader in) throws IOException {
        boolean reads = false;
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            heard.add(line);
            String verb = reads ? (line.equals(".") ? "." : "") : line.split("[ :]")[0];
            if (verb.isEmpty()) {
                continue;
            }
            String answer = says.getOrDefault(
                    verb, verb.equals("DATA") ? "354 go on" : verb.equals("QUIT") ? "221 bye" : "250 ok");
            if (answer.equals(CUT)) {
                return;
            }
            reads = verb.equals("DATA") && answer.startsWith("354");
            say(one, answer);
        }
    }

    private static void say(Socket one, String line) throws IOException {
        one.getOutputStream().write((line + "\r\n").getBytes(StandardCharsets.US_ASCII));
    }

    private static ListPost.ToOne letter(String subject) {
        return new ListPost.ToOne(
                "one.ada@moor.example",
                "list.moor.example",
                "Moor, “the” łong",
                "ada@post.example",
                subject,
                "<p>Söme words</p>",
                "Söme words\n.\nand more",
                "https://moor.example/-/letters?token=x");
    }

    private Outcome sent(String verb, String answer) throws ListPost.NoServer {
        says.clear();
        says.put(verb, answer);
        try (ListPost.Line line = post.open()) {
            return line.send(ADA, letter("News"));
        }
    }

    @Test
    void severalGoOverOneLineWithWhatMailProgramsNeed() throws Exception {
        try (ListPost.Line line = post.open()) {
            assertThat(line.send(ADA, letter("News\r\nBcc: evil@else.example"))).isEqualTo(new Outcome.Taken(ADA));
            assertThat(line.send(ADA, letter("More"))).isEqualTo(new Outcome.Taken(ADA));
        }
        assertThat(heard.stream().filter(l -> l.startsWith("EHLO"))).hasSize(1);
        assertThat(heard)
                .contains(
                        "List-Unsubscribe: <https://moor.example/-/letters?token=x>",
                        "List-Unsubscribe-Post: List-Unsubscribe=One-Click",
                        "List-Id: <list.moor.example>",
                        "Message-ID: <one.ada@moor.example>")
                .noneMatch(l -> l.startsWith("Bcc"))
                .noneMatch(l -> l.length() > 998);
        assertThat(String.join("\n", heard)).contains("us@moor.example").contains("multipart/alternative");
    }

    @Test
    void refusalsAreOfTheAddressTheLetterOrEverybody() throws Exception {
        assertThat(sent("RCPT", "550 5.1.1 no such person")).isInstanceOfSatisfying(Outcome.Refused.class, r -> {
            assertThat(r.address()).isTrue();
            assertThat(r.said()).contains("no such person");
        });
        assertThat(sent("RCPT", "550 5.7.1 we don't know you"))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class, r -> assertThat(r.address()).isFalse());
        assertThat(sent(".", "554 5.6.0 looks like spam"))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class, r -> assertThat(r.address()).isFalse());
        assertThat(sent("RCPT", "451 4.7.1 come back later")).isInstanceOf(Outcome.PutOff.class);
        assertThat(sent(".", "452 4.3.1 disk is full")).isInstanceOf(Outcome.PutOff.class);
        assertThatThrownBy(() -> sent("MAIL", "550 5.7.1 sender refused"))
                .isInstanceOf(ListPost.NoServer.class)
                .hasMessageContaining("sender refused");
    }

    @Test
    void aLineThatIsCutAfterTheLetterLeavesItUnsureAndOneThatIsNotThereTellsSo() throws Exception {
        assertThat(sent(".", CUT)).isInstanceOf(Outcome.Unsure.class);
        says.clear();
        assertThat(sent("EHLO", "250 ok")).as("the next one is sent").isEqualTo(new Outcome.Taken(ADA));
        server.close();
        assertThatThrownBy(() -> sent("EHLO", "250 ok")).isInstanceOf(ListPost.NoServer.class);
        assertThatThrownBy(() -> post.test(letter("News"))).isInstanceOf(Refusal.class);
        assertThat(post.signs()).isFalse();
    }
}
