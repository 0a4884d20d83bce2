package venue.server.hook;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.time.GivenClock;
import venue.core.body.form.Filling;
import venue.store.answer.Answers;
import venue.store.answer.FormCalls;
import venue.store.answer.FormSeal;
import venue.store.answer.HookHosts;
import venue.store.answer.Taking;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Records;
import venue.store.workspace.Workspaces;

/** Answers handed on: signed, tried again until they are taken, and never to this machine or a private network. */
class HooksTest {

    private static final Instant NOON = Instant.parse("2026-11-30T12:00:00Z");
    private static final SiteId YARD = new SiteId("yard");

    private static final By OWNER = new By(new PersonId("ines"), "192.0.2.7");

    private record Got(String signed, String body) {}

    @TempDir
    private Path folder;

    private final GivenClock clock = new GivenClock(NOON);
    private final BlockingQueue<Got> got = new LinkedBlockingQueue<>();
    private final AtomicInteger failing = new AtomicInteger();
    private Database database;
    private HttpServer other;
    private Answers answers;
    private FormCalls calls;
    private FormSeal seal;
    private HookHosts hosts;

    @BeforeEach
    void open() throws IOException {
        database = Database.open(folder);
        answers = new Answers(database, clock, new Records(database, clock));
        new Workspaces(database, clock, new Random(1)).begin(YARD, new PersonId("ines"), List.of());
        calls = new FormCalls(database);
        seal = new FormSeal(database);
        hosts = new HookHosts(database, new Records(database, clock));
        other = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        other.createContext("/in", asked -> {
            String body = new String(asked.getRequestBody().readAllBytes(), StandardCharsets.UTF_8);
            got.add(new Got(asked.getRequestHeaders().getFirst("Venue-Signed"), body));
            asked.sendResponseHeaders(failing.getAndDecrement() > 0 ? 500 : 204, -1);
            asked.close();
        });
        other.start();
    }

    @AfterEach
    void close() {
        other.stop(0);
        answers.close();
        database.close();
    }

    private void taken(String host, String words) {
        List<Filling.Said> said = List.of(new Filling.Said("words", "What", "lines", words, words));
        answers.take(new Taking(
                        YARD,
                        "ask",
                        1,
                        "Ada",
                        "ada@moor.example",
                        null,
                        "visit",
                        said,
                        null,
                        words,
                        null,
                        "http://" + host + ":" + other.getAddress().getPort() + "/in"))
                .join();
    }

    private Hooks hooks(String... allowed) {
        for (String host : allowed) {
            hosts.allow(OWNER, YARD, host, true);
        }
        HookSettings settings = new HookSettings(Duration.ofMinutes(1));
        return new Hooks(calls, answers, seal, new HookPost(new OpenClient(hosts)), settings, clock);
    }

    private FormCalls.Called latest() {
        return calls.log(YARD, "ask", 9).get(0);
    }

    /** Looks until a try is written down: an address is let go of a moment after that, and isn't asked before. */
    private void look(Hooks hooks, int tries) throws InterruptedException {
        hooks.look();
        while (latest().tries() < tries) {
            hooks.look();
            TimeUnit.MILLISECONDS.sleep(10);
        }
    }

    @Test
    void oneThatFailsTwiceIsTriedAfterPausesThatGrowAndIsTakenOnce() throws InterruptedException {
        taken("localhost", "<b>\"; drop</b>");
        Hooks hooks = hooks("localhost");
        failing.set(2);
        look(hooks, 1);
        assertThat(latest().said()).isEqualTo("it answered 500");
        assertThat(latest().next()).isEqualTo("2026-11-30T12:01:00Z");
        hooks.look();
        clock.set(NOON.plusSeconds(60));
        look(hooks, 2);
        assertThat(latest().next()).isEqualTo("2026-11-30T12:06:00Z");
        clock.set(NOON.plusSeconds(600));
        look(hooks, 3);
        assertThat(latest())
                .extracting(FormCalls.Called::said, FormCalls.Called::next)
                .containsExactly("taken", null);
        hooks.look();
        assertThat(got).hasSize(3);
        Got last = List.copyOf(got).get(2);
        String[] signed = last.signed().split(" ");
        assertThat(signed[1]).isEqualTo(FormSeal.hmac(hooks.secret(YARD, "ask"), signed[0] + "." + last.body()));
        assertThat(last.body()).contains("\"answered\":\"<b>\\\"; drop</b>\"").contains("\"number\":1");
    }

    @Test
    void whatIsNotTakenInADayIsGivenUpAndCanBeTriedAgain() throws InterruptedException {
        taken("localhost", "Hello");
        Hooks hooks = hooks("localhost");
        failing.set(99);
        clock.set(NOON.plus(Hooks.FOR));
        look(hooks, 1);
        assertThat(latest().next()).isNull();
        failing.set(0);
        assertThat(calls.again(YARD, "ask", clock.instant())).isEqualTo(1);
        look(hooks, 1);
        assertThat(latest().said()).isEqualTo("taken");
        assertThat(calls.again(YARD, "ask", clock.instant())).isZero();
    }

    @Test
    void thisMachineIsNotAskedUnlessItsHostIsAllowed() throws InterruptedException {
        taken("127.0.0.1", "Hello");
        look(hooks(), 1);
        assertThat(latest().said()).contains("this machine or stands in a private network");
        assertThat(got).isEmpty();
        calls.again(YARD, "ask", clock.instant());
        look(hooks("127.0.0.1"), 1);
        assertThat(latest().said()).isEqualTo("taken");
        hosts.allow(OWNER, null, "127.0.0.1", false);
        assertThat(hosts.allows("127.0.0.1")).isFalse();
        assertThat(hosts.all()).doesNotContain("127.0.0.1");
    }
}
