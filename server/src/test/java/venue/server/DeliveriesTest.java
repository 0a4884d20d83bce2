package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static venue.server.Answers.json;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import venue.core.basics.item.SiteId;
import venue.core.live.delivery.Layout;
import venue.core.show.render.View;
import venue.server.app.FolderParts;
import venue.server.delivery.DeliveryRuns;
import venue.server.delivery.TargetTrouble;
import venue.server.live.HeldSite;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;
import venue.store.workspace.Workspace;

/** Releases that go to other machines: whole at every moment, whatever goes wrong on the way, and served from there as from here. */
@ServerTest
class DeliveriesTest {

    private static final SiteId SITE = new SiteId("kestrel-moor");
    private static final String HOST = "moor.example";
    private static final String API = "/api/sites/kestrel-moor/deliveries";
    private static final Pattern LINK = Pattern.compile("(?:href|src)=\"(/[^\"#?]*)");
    /** With {@code -Dvenue.all=true} ten, and two kills; else some of them. */
    private static final int RELEASES = Boolean.getBoolean("venue.all") ? 10 : 3;

    @TempDir
    Path top;

    @Autowired
    private FolderParts parts;

    @Autowired
    private Deliveries deliveries;

    @As("maja")
    private Client maja;

    @As("tomas")
    private Client tomas;

    private Workspace workspace;
    private DeliveryRuns runs;

    @BeforeEach
    void begin() {
        workspace = parts.workspaces().find(SITE).orElseThrow();
        runs = new DeliveryRuns(
                parts.path(),
                parts.media(),
                deliveries,
                InstantSource.system(),
                ObjectStorage.ID,
                ObjectStorage.SECRET);
    }

    /** Not kept, so that only the test runs it. */
    private static Delivery delivery(Path folder, Delivery.Bucket bucket, Layout layout, String address) {
        return new Delivery(
                SITE,
                "of-the-test",
                "Test",
                new Delivery.Goes(
                        folder == null ? "" : folder.toString(), bucket, layout, address, "", Delivery.Call.NONE));
    }

    /** Another change each time: of text, a title, an address, and of what is to be seen at all. */
    private void release(int number) {
        String mark = number + "-" + workspace.now().release();
        String page = List.of("night-walks", "welcome", "glossary", "volunteer").get(number % 4);
        HttpResponse<String> done = switch (page) {
            case "welcome" ->
                maja.give(
                        "set-value",
                        "item",
                        page,
                        "section",
                        "welcome-main1",
                        "element",
                        "e1",
                        "key",
                        "text",
                        "value",
                        "Release " + mark);
            case "glossary" -> maja.give("set-title", "page", page, "title", "Words " + mark);
            case "volunteer" -> maja.give("set-segment", "page", page, "segment", "volunteer-" + mark);
            default -> {
                boolean off = workspace.now().live().plan().isShown(page);
                yield maja.give("withdraw-page", "page", page, "withdrawn", off);
            }
        };
        json(done);
        json(maja.post("/api/sites/kestrel-moor/releases", Client.json("items", List.of(page), "note", "")));
    }

    private Map<String, HeldSite.Answer> answers(String address) throws IOException {
        Map<String, HeldSite.Answer> all = new HashMap<>();
        new HeldSite(workspace, parts.media(), address, Instant.now()).each(a -> all.put(a.path(), a));
        return all;
    }

    private static byte[] body(HeldSite.Answer answer) throws IOException {
        Path file = answer.content().file();
        return file == null ? answer.content().bytes() : Files.readAllBytes(file);
    }

    @Test
    void everyPageIsOfOneReleaseOrTheOneBeforeWhateverGoesWrong() throws Exception {
        long seed = Long.getLong("venue.seed", System.nanoTime());
        System.out.println("The same again by -Dvenue.seed=" + seed);
        String address = "http://" + HOST;
        try (ObjectStorage storage = ObjectStorage.start(top);
                Troubled between = new Troubled(storage.port(), seed)) {
            Delivery.Bucket bucket = new Delivery.Bucket(
                    "http://127.0.0.1:" + between.port(), "", ObjectStorage.BUCKET, "site", true, false);
            Delivery delivery = delivery(null, bucket, Layout.AT_ADDRESSES, address);
            Map<String, HeldSite.Answer> before = answers(address);
            deliver(delivery, -1, () -> {});
            int first = RELEASES == 10 ? 0 : Math.floorMod(seed, 4);
            for (int n = first + 1; n <= first + RELEASES; n++) {
                release(n);
                Map<String, HeldSite.Answer> was = before;
                Map<String, HeldSite.Answer> is = answers(address);
                deliver(delivery, n - first == 2 || n - first == 7 ? 3 : -1, () -> whole(storage.all(), was, is));
                before = is;
            }
            Map<String, byte[]> there = storage.all();
            for (HeldSite.Answer answer : before.values()) {
                if (answer.headers().status() == 200) {
                    assertThat(there.get(key(answer.path(), answer)))
                            .as(answer.path())
                            .isEqualTo(body(answer));
                }
            }
            assertThat(runs.run(workspace, delivery, (a, b, c, d) -> {}).objects())
                    .isZero();
        }
    }

    private interface Check {
        void made() throws IOException;
    }

    private static final class Killed extends Error {
        private static final long serialVersionUID = 1;
    }

    /** Until it has arrived; after each try in vain what is there must be whole. Once it is killed in the middle. */
    private void deliver(Delivery delivery, int killedAfter, Check check) throws IOException {
        AtomicInteger left = new AtomicInteger(killedAfter);
        while (true) {
            try {
                runs.run(workspace, delivery, (doing, done, of, bytes) -> {
                    if (of > 0 && left.getAndDecrement() == 0) {
                        throw new Killed();
                    }
                });
                check.made();
                return;
            } catch (TargetTrouble | Killed again) {
                check.made();
            }
        }
    }

    private static String key(String path, HeldSite.Answer answer) {
        String bare = path.substring(1);
        boolean page = answer.headers().type().startsWith("text/html") && !bare.endsWith(".html");
        return "site/" + (page ? (bare.isEmpty() ? "" : bare + "/") + "index.html" : bare);
    }

    /** As a visitor walks it from home: each page of then or now, with its files, and leading to nothing that isn't there. */
    private static void whole(
            Map<String, byte[]> there, Map<String, HeldSite.Answer> was, Map<String, HeldSite.Answer> is)
            throws IOException {
        Deque<String> asked = new ArrayDeque<>(List.of("/"));
        Set<String> known = new HashSet<>(asked);
        while (!asked.isEmpty()) {
            String path = asked.remove();
            String file = "site/" + path.substring(1);
            byte[] page = there.getOrDefault((file.endsWith("/") ? file : file + "/") + "index.html", there.get(file));
            boolean taken = is.containsKey(path) && is.get(path).headers().status() == 410;
            if (page == null) {
                assertThat(taken || path.startsWith("/-/sign-in") || path.equals("/-/search.osdx"))
                        .as("%s is there", path)
                        .isTrue();
                continue;
            }
            HeldSite.Answer then = was.get(path);
            HeldSite.Answer now = is.get(path);
            boolean leads = now != null && now.headers().status() == 301;
            assertThat(then != null && Arrays.equals(body(then), page)
                            || now != null && Arrays.equals(body(now), page)
                            || leads)
                    .as("%s is of one release or the one before", path)
                    .isTrue();
            new String(page, StandardCharsets.UTF_8);
            if (!path.startsWith("/-/")) {
                LINK.matcher(new String(page, StandardCharsets.UTF_8))
                        .results()
                        .map((MatchResult m) -> java.net.URLDecoder.decode(m.group(1), StandardCharsets.UTF_8))
                        .filter(known::add)
                        .forEach(asked::add);
            }
        }
    }

    @Test
    void nginxServesWhatItFollowsAsVenueDoes() throws Exception {
        // nginx reads as somebody else.
        assertThat(top.toFile().setExecutable(true, false)).isTrue();
        int port = Nginx.freePort();
        String address = "http://127.0.0.1:" + port;
        Path lies = top.resolve("delivered");
        Delivery delivery = delivery(lies, Delivery.Bucket.NONE, Layout.BY_HASH, address);
        runs.run(workspace, delivery, (a, b, c, d) -> {});
        Path site = Files.createDirectories(top.resolve("site"));
        String conf = "map_hash_bucket_size 2048; map_hash_max_size 65536; include " + site + "/*.conf;"
                + "server { listen " + port + " default_server; return 503; }";
        try (Nginx nginx = Nginx.start(top, conf, port)) {
            follow(lies, site, port);
            sameAsHere(port, address);
            release(3);
            release(4);
            runs.run(workspace, delivery, (a, b, c, d) -> {});
            follow(lies, site, port);
            sameAsHere(port, address);
            assertThat(maja.visitAt(port, "/people/none").statusCode()).isEqualTo(404);
            assertThat(maja.visitAt(port, "/VISIT").statusCode()).isEqualTo(404);
            HttpResponse<String> slash = maja.visitAt(port, "/visit/");
            assertThat(slash.statusCode()).isEqualTo(301);
            assertThat(Client.header(slash, "Location")).containsExactly("/visit");
            assertThat(nginx.port()).isEqualTo(port);
        }
    }

    private void follow(Path from, Path to, int port) throws Exception {
        ProcessBuilder follow = new ProcessBuilder(
                        "../deploy/follow", from.toString(), to.toString(), "--listen", String.valueOf(port), "--once")
                .redirectErrorStream(true)
                .redirectOutput(top.resolve("follow.log").toFile());
        follow.environment().put("FOLLOW_NGINX", "nginx -p " + top + " -c " + top.resolve("nginx.conf"));
        assertThat(follow.start().waitFor())
                .as(Files.readString(top.resolve("follow.log")))
                .isZero();
    }

    private void sameAsHere(int port, String address) throws IOException {
        List<String> wrong = new ArrayList<>();
        for (HeldSite.Answer answer : answers(address).values()) {
            if (answer.path().endsWith("/*") || answer.path().equals(HeldSite.NOWHERE)) {
                continue;
            }
            HttpResponse<byte[]> there = maja.bytesAt(port, View.encoded(answer.path()));
            HeldSite.Answer.Headers headers = answer.headers();
            boolean alike = there.statusCode() == headers.status()
                    && (headers.status() == 301
                            ? there.headers().firstValue("Location").orElse("").equals(headers.location())
                            : Arrays.equals(there.body(), body(answer))
                                    && there.headers()
                                            .firstValue("Content-Type")
                                            .orElse("")
                                            .equals(headers.type())
                                    && there.headers()
                                            .firstValue("Content-Security-Policy")
                                            .orElse("")
                                            .equals(headers.policy())
                                    && there.headers()
                                            .firstValue("Cache-Control")
                                            .orElse("")
                                            .equals(headers.kept()));
            if (!alike) {
                wrong.add(answer.path() + " " + there.statusCode() + " "
                        + there.headers().map());
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void aBackupGoesToObjectStorageAndComesBack() throws Exception {
        try (ObjectStorage storage = ObjectStorage.start(top)) {
            Path keys = Files.writeString(
                    top.resolve("keys"), "id = " + ObjectStorage.ID + "\nsecret = " + ObjectStorage.SECRET + "\n");
            List<String> reached = List.of(
                    "--endpoint", "http://127.0.0.1:" + storage.port(), "--path-style", "--keys", keys.toString());
            String to = "s3://" + ObjectStorage.BUCKET + "/backups";
            assertThat(verb(reached, "backup", "--data", parts.path().toString(), "--to", to))
                    .isZero();
            String name = storage.all().keySet().stream()
                    .filter(k -> k.startsWith("backups/"))
                    .findFirst()
                    .orElseThrow();
            Path again = top.resolve("again");
            String from = "s3://" + ObjectStorage.BUCKET + "/" + name;
            assertThat(verb(reached, "restore", "--from", from, "--data", again.toString()))
                    .isZero();
            try (OwnFolder restored = OwnFolder.open(again, null)) {
                assertThat(restored.site(SITE.text()).now().release())
                        .isEqualTo(workspace.now().release());
            }
            assertThat(verb(reached, "restore", "--from", to + "/none.venuebackup", "--data", top + "/other"))
                    .isEqualTo(2);
        }
    }

    private static int verb(List<String> reached, String... line) {
        List<String> all = new ArrayList<>(List.of(line));
        all.addAll(reached);
        return Venue.run(all.toArray(String[]::new));
    }

    @Test
    void refusesWhatItCannotBe() throws Exception {
        String folder = top.resolve("to").toString();
        assertThat(maja.post(API, asked("", folder, "https://www.example.org")).statusCode())
                .isEqualTo(422);
        assertThat(maja.post(API, asked("One", "relative", "https://www.example.org"))
                        .body())
                .contains("absolute path");
        assertThat(maja.post(API, asked("One", parts.path().resolve("media").toString(), "https://www.example.org"))
                        .body())
                .contains("own data");
        assertThat(maja.post(API, asked("One", folder, "www.example.org/x")).statusCode())
                .isEqualTo(422);
        assertThat(tomas.post(API, asked("One", folder, "https://www.example.org"))
                        .statusCode())
                .isEqualTo(403);
        Files.writeString(Files.createDirectories(top.resolve("to")).resolve("mine"), "mine");
        assertThat(json(maja.post(API + "/try", asked("One", folder, "https://www.example.org")))
                        .get("says")
                        .asString())
                .contains("Something else lies");
        Delivery other = delivery(top.resolve("to"), Delivery.Bucket.NONE, Layout.AT_ADDRESSES, "http://" + HOST);
        assertThatThrownBy(() -> runs.run(workspace, other, (a, b, c, d) -> {})).isInstanceOf(TargetTrouble.class);
        assertThat(Files.readString(top.resolve("to/mine"))).isEqualTo("mine");
    }

    private static String asked(String name, String folder, String address) {
        return Client.json(
                "name",
                name,
                "goes",
                Map.of(
                        "folder",
                        folder,
                        "bucket",
                        Map.of(
                                "endpoint",
                                "",
                                "region",
                                "",
                                "name",
                                "",
                                "prefix",
                                "",
                                "pathStyle",
                                false,
                                "redirects",
                                false),
                        "layout",
                        "AT_ADDRESSES",
                        "address",
                        address,
                        "server",
                        "",
                        "call",
                        Map.of("address", "", "method", "", "headers", List.of())));
    }
}
