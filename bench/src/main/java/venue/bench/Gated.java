package venue.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;
import venue.store.member.Members;
import venue.store.record.Records;

/**
 * A site of which half is for members, in a process of its own: strangers' rate (wrk) with half of it closed beside all of it open, a
 * member's page beside a stranger's that is not held, a page that strangers don't learn of beside none, the table of 10,000 members, strangers' rate beside people who sign in and beside
 * wrong passwords; all in turns. Arguments: the server's jar, a folder, and {@code serve} for the
 * first of these alone.
 */
final class Gated {

    private static final int PORT = 18_093;
    private static final String HEAP = "512m";
    private static final String HOST = "kestrel-moor.localhost";
    private static final String SITE = "/api/sites/kestrel-moor";
    private static final int MEMBERS = 10_000;
    private static final int ROUNDS = 6;
    private static final int SIGN_INS = 50;
    private static final int WRONG = 1_000;
    private static final int ASKED = 400;
    private static final Pattern RATE = Pattern.compile("Requests/sec: +([\\d.]+)");

    /** Pages that everyone may open in any case. */
    private static final List<String> OPEN = List.of("/", "/visit", "/news", "/tonight", "/support-us");

    /** Branches, about half of the site's pages. */
    private static final List<String> CLOSED = List.of("people", "learn", "instruments");

    private final HttpClient http =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private boolean isClosed;
    private final Window maja = new Window(PORT, "maja@kestrel-moor.example");

    public static void main(String[] args) throws Exception {
        System.setProperty("jdk.httpclient.allowRestrictedHeaders", "host");
        Path data = Path.of(args[1]);
        DemoServer.stop(DemoServer.start(args[0], data, PORT, HEAP));
        try (Database database = Database.open(data)) {
            Members members =
                    new Members(database, InstantSource.system(), new Records(database, InstantSource.system()));
            IntStream.range(0, MEMBERS)
                    .forEach(i -> members.put(
                            new SiteId("kestrel-moor"),
                            Optional.empty(),
                            new Members.Described(
                                    "member" + i + "@venue.example",
                                    "Member " + i,
                                    Set.of(i % 2 == 0 ? "crew" : "friends"),
                                    Map.of())));
        }
        Process server = DemoServer.start(args[0], data, PORT, HEAP);
        try {
            Gated gated = new Gated();
            gated.strangers();
            if (args.length < 3) {
                gated.member();
                gated.hidden();
                gated.table();
                gated.beside(SIGN_INS + " sign-ins at once", gated::signIns);
                gated.beside(WRONG + " wrong passwords at once", gated::wrong);
            }
        } finally {
            DemoServer.stop(server);
        }
    }

    /** Strangers' pages with half of the site closed, beside all of it open. */
    private void strangers() throws Exception {
        rate();
        rate();
        List<Double> ratios = new ArrayList<>();
        for (int round = 1; round <= ROUNDS; round++) {
            close(round % 2 == 0);
            rate();
            double first = rate();
            close(round % 2 == 1);
            rate();
            double then = rate();
            double half = round % 2 == 0 ? first : then;
            double open = round % 2 == 0 ? then : first;
            ratios.add(half / open);
            System.out.printf(
                    "round %d: all open %.0f requests/s, half closed %.0f, ratio %.2f%n",
                    round, open, half, half / open);
        }
        close(false);
        told("strangers' rate, half of the site closed beside none of it", ratios);
    }

    private void close(boolean closed) {
        if (closed == isClosed) {
            return;
        }
        isClosed = closed;
        for (String branch : CLOSED) {
            String who = closed ? "\"who\":\"members\"," : "";
            maja.command(
                    "{\"verb\":\"set-gate\",\"items\":[\"" + branch + "\"]," + who + "\"groups\":[],\"hidden\":true}");
        }
        maja.post(
                SITE + "/releases",
                CLOSED.stream().collect(Collectors.joining("\",\"", "{\"items\":[\"", "\"],\"note\":\"\"}")));
    }

    /** A member's page beside the same for a stranger, just after a release: neither is held. */
    private void member() throws Exception {
        String cookie = signIn("friend", DemoServer.PASSWORD)
                .headers()
                .firstValue("Set-Cookie")
                .orElseThrow()
                .replaceAll(";.*", "");
        List<Double> ratios = new ArrayList<>();
        for (int round = 0; round < ROUNDS * 2; round++) {
            close(true);
            close(false);
            double stranger = 0;
            double member = 0;
            for (String path : OPEN) {
                stranger += took(path, "");
                member += took(path, cookie);
            }
            ratios.add(member / stranger);
        }
        told("a member's page beside a stranger's that is not held", ratios);
    }

    private double took(String path, String cookie) throws Exception {
        long from = System.nanoTime();
        http.send(asked(path).header("Cookie", cookie).build(), BodyHandlers.ofString());
        return (System.nanoTime() - from) / 1e6;
    }

    /** What a stranger waits at a page of which they don't learn, beside an address that never was, by the median of many in turns. */
    private void hidden() throws Exception {
        List<Double> ratios = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            double[] there = new double[ASKED];
            double[] nowhere = new double[ASKED];
            for (int i = 0; i < ASKED; i++) {
                there[i] = took("/trustees", "");
                nowhere[i] = took("/nowhere-at-all", "");
            }
            ratios.add(Median.of(there) / Median.of(nowhere));
        }
        told("a page that strangers don't learn of beside an address that never was", ratios);
    }

    private void table() {
        double first = Median.of(15, i -> {}, i -> maja.get(SITE + "/members?after=0&q="));
        double words = Median.of(15, i -> {}, i -> maja.get(SITE + "/members?q=member+77"));
        System.out.printf("first rows of %d members: %.0f ms; by words: %.0f ms%n", MEMBERS, first, words);
    }

    /** Strangers' rate beside something, and by itself, in turns. */
    private void beside(String what, Runnable work) throws Exception {
        List<Double> ratios = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            double alone = rate();
            CompletableFuture<Void> doing = CompletableFuture.runAsync(work);
            double with = rate();
            ratios.add(with / alone);
            doing.join();
        }
        told("strangers' rate beside " + what, ratios);
    }

    private void signIns() {
        all(IntStream.range(0, SIGN_INS).mapToObj(i -> "friend"), DemoServer.PASSWORD);
    }

    private void wrong() {
        all(IntStream.range(0, WRONG).mapToObj(i -> "nobody" + i), "wrong");
    }

    /** All at once: most are refused at once where guessing goes on, a few are looked at. */
    private void all(Stream<String> names, String password) {
        names.map(name -> http.sendAsync(form(name, password), BodyHandlers.discarding()))
                .toList()
                .forEach(CompletableFuture::join);
    }

    private HttpResponse<String> signIn(String name, String password) throws Exception {
        return http.send(form(name, password), BodyHandlers.ofString());
    }

    private HttpRequest form(String name, String password) {
        return asked("/-/sign-in")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString("email=" + name + "@kestrel-moor.example&password=" + password))
                .build();
    }

    private static HttpRequest.Builder asked(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + PORT + path))
                .header("Host", HOST + ":" + PORT);
    }

    /** Strangers' requests a second, over some pages. */
    private static double rate() throws IOException, InterruptedException {
        double sum = 0;
        for (String path : List.of("/", "/visit", "/news")) {
            Process wrk = new ProcessBuilder(
                            "wrk",
                            "-t1",
                            "-c16",
                            "-d3s",
                            "-H",
                            "Host: " + HOST + ":" + PORT,
                            "http://127.0.0.1:" + PORT + path)
                    .redirectErrorStream(true)
                    .start();
            Matcher said = RATE.matcher(wrk.inputReader().lines().collect(Collectors.joining("\n")));
            if (!said.find()) {
                throw new IllegalStateException("wrk said nothing of " + path);
            }
            sum += Double.parseDouble(said.group(1));
            wrk.waitFor();
        }
        return sum;
    }

    private static void told(String what, List<Double> ratios) {
        System.out.printf(
                "%s: %s, median %.2f%n",
                what,
                ratios.stream().sorted().map(r -> String.format("%.2f", r)).collect(Collectors.joining(" ")),
                Median.of(ratios.stream().mapToDouble(r -> r).toArray()));
    }
}
