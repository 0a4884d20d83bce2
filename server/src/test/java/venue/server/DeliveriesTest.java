package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static venue.server.Answers.json;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import tools.jackson.databind.JsonNode;
import venue.core.basics.item.Hash;
import venue.core.live.delivery.Layout;
import venue.server.app.FolderParts;
import venue.server.delivery.TargetTrouble;
import venue.server.live.HeldSite;
import venue.store.database.Database;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;

/** Releases that go to other machines: whole at every moment, whatever goes wrong on the way, and served from there as from here. */
@ServerTest
class DeliveriesTest {

    private static final String HOST = "moor.example";
    private static final String API = "/api/sites/kestrel-moor/deliveries";
    private static final Pattern LINK = Pattern.compile("(?:href|src)=\"(/[^\"#?]*)");
    /** With {@code -Dvenue.all=true} ten, and two kills; else two of them, the second with a kill. */
    private static final int RELEASES = Boolean.getBoolean("venue.all") ? 10 : 2;

    @TempDir
    static Path all;

    private static ObjectStorage storage;

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

    private Delivered site;

    @DynamicPropertySource
    static void standIn(DynamicPropertyRegistry set) throws Exception {
        storage = ObjectStorage.start(all);
        set.add("venue.backup-bucket", () -> "s3://" + ObjectStorage.BUCKET + "/daily");
        set.add("venue.s3-endpoint", () -> "http://127.0.0.1:" + storage.port());
        set.add("venue.s3-path-style", () -> "true");
        set.add("venue.s3-key-id", () -> ObjectStorage.ID);
        set.add("venue.s3-key-secret", () -> ObjectStorage.SECRET);
    }

    @AfterAll
    static void end() {
        storage.close();
    }

    @BeforeEach
    void begin() {
        site = new Delivered(parts, deliveries);
    }

    @Test
    void everyPageIsOfOneReleaseOrTheOneBeforeWhateverGoesWrong() throws Exception {
        long seed = Sampled.SEED;
        System.out.println("The same again by --seed " + seed);
        String address = "http://" + HOST;
        try (Troubled between = new Troubled(storage.port(), seed)) {
            Delivery delivery = Delivered.to(Delivered.bucket(between.port()), Layout.AT_ADDRESSES, address);
            Map<String, HeldSite.Answer> before = site.answers(address);
            deliver(delivery, () -> {});
            int first = RELEASES == 10 ? 0 : Math.floorMod(seed, 5);
            for (int n = first + 1; n <= first + RELEASES; n++) {
                site.release(maja, n);
                Map<String, HeldSite.Answer> was = before;
                Map<String, HeldSite.Answer> is = site.answers(address);
                if (n - first == 2 || n - first == 7) {
                    SendingProcess.killed(parts, between.port(), address, 2);
                    whole(storage.all("site/"), was, is);
                }
                deliver(delivery, () -> whole(storage.all("site/"), was, is));
                before = is;
            }
            Map<String, byte[]> there = storage.all("site/");
            for (HeldSite.Answer answer : before.values()) {
                if (answer.headers().status() == 200) {
                    assertThat(there.get(key("site/", answer)))
                            .as(answer.path())
                            .isEqualTo(Delivered.body(answer));
                }
            }
            assertThat(site.send(delivery).objects()).isZero();
        }
    }

    private interface Check {
        void made() throws IOException;
    }

    /** Until it has arrived; after each try in vain what is there must be whole. */
    private void deliver(Delivery delivery, Check check) throws IOException {
        boolean arrived = false;
        while (!arrived) {
            try {
                site.send(delivery);
                arrived = true;
            } catch (TargetTrouble again) {
                // The next try goes on where this one ended.
            }
            check.made();
        }
    }

    private static String key(String prefix, HeldSite.Answer answer) {
        String bare = answer.path().substring(1);
        boolean page = answer.headers().type().startsWith("text/html") && !bare.endsWith(".html");
        return prefix + (page ? (bare.isEmpty() ? "" : bare + "/") + "index.html" : bare);
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
            assertThat(then != null && Arrays.equals(Delivered.body(then), page)
                            || now != null && Arrays.equals(Delivered.body(now), page)
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

    @Further
    @Test
    void aBackupGoesToObjectStorageAndComesBack() throws Exception {
        Path keys = Files.writeString(
                top.resolve("keys"), "id = " + ObjectStorage.ID + "\nsecret = " + ObjectStorage.SECRET + "\n");
        List<String> reached =
                List.of("--endpoint", "http://127.0.0.1:" + storage.port(), "--path-style", "--keys", keys.toString());
        String to = "s3://" + ObjectStorage.BUCKET + "/backups";
        assertThat(verb(reached, "backup", "--data", parts.path().toString(), "--to", to))
                .isZero();
        String name = storage.all("backups/").keySet().iterator().next();
        Path again = top.resolve("again");
        String from = "s3://" + ObjectStorage.BUCKET + "/" + name;
        assertThat(verb(reached, "restore", "--from", from, "--data", again.toString()))
                .isZero();
        // Where the machine and its storage are lost, it is delivered from another to another.
        String address = "http://" + HOST;
        try (Database database = Database.open(again)) {
            FolderParts restored = FolderParts.of(again, database, InstantSource.system());
            Delivered elsewhere = new Delivered(restored, new Deliveries(database));
            assertThat(elsewhere.workspace.now().release())
                    .isEqualTo(site.workspace.now().release());
            Delivery.Bucket other = new Delivery.Bucket(
                    "http://127.0.0.1:" + storage.port(), "", ObjectStorage.BUCKET, "other", true, false);
            elsewhere.send(Delivered.to(other, Layout.AT_ADDRESSES, address));
        }
        Map<String, byte[]> there = storage.all("other/");
        for (HeldSite.Answer answer : site.answers(address).values()) {
            if (answer.headers().status() == 200) {
                assertThat(there.get(key("other/", answer))).as(answer.path()).isEqualTo(Delivered.body(answer));
            }
        }
        byVerbs(again, address);
        assertThat(verb(reached, "restore", "--from", to + "/none.venuebackup", "--data", top + "/other"))
                .isEqualTo(2);
    }

    /** As scripts do it, where no server runs: 0 where it is done, 1 where the place can't take it, 2 where it was asked for wrongly. */
    private void byVerbs(Path data, String address) throws IOException {
        Path to = top.resolve("by-verbs");
        List<String> site = List.of("--data", data.toString(), "--site", Delivered.SITE.text());
        String folder = to.toString();
        assertThat(verb(site, "delivery", "add", "--name", "Disk", "--folder", folder, "--public-address", address))
                .isZero();
        assertThat(verb(site, "delivery", "list")).isZero();
        assertThat(verb(site, "deliver", "--to", "Disk", "--dry-run")).isZero();
        assertThat(to.resolve("index.html")).doesNotExist();
        assertThat(verb(site, "deliver", "--to", "Disk")).isZero();
        assertThat(to.resolve("index.html")).exists();
        assertThat(verb(site, "deliver", "--to", "None")).isEqualTo(2);
        Files.writeString(to.resolve(".venue/manifest.json"), "{}");
        assertThat(verb(site, "deliver", "--to", "Disk")).isEqualTo(1);
        assertThat(verb(site, "delivery", "remove", "--name", "Disk")).isZero();
        assertThat(verb(site, "deliver", "--to", "Disk")).isEqualTo(2);
    }

    @Test
    void whatWasLostThereIsMendedByDeliverAgain() throws Exception {
        long seed = Sampled.SEED;
        System.out.println("The same again by --seed " + seed);
        Random chance = new Random(seed);
        Path to = top.resolve("to");
        Delivery delivery =
                Delivered.to(to, chance.nextBoolean() ? Layout.BY_HASH : Layout.AT_ADDRESSES, "http://" + HOST, "");
        site.send(delivery);
        Map<Path, String> before = files(to);
        List<Path> lost =
                before.keySet().stream().filter(f -> chance.nextInt(20) == 0).toList();
        for (Path file : lost) {
            if (chance.nextBoolean()) {
                Files.delete(file);
            } else {
                Files.writeString(file, "damaged");
            }
        }
        Files.writeString(to.resolve(".part123"), "broken off");
        deliveries.keep(delivery, deliveries.state(delivery).hurried(true));
        Map<Path, String> damaged = files(to);
        String manifest = Files.readString(to.resolve(".venue/manifest.json"));
        assertThat(site.runs.foreseen(site.workspace, delivery).all()).isNotEmpty();
        assertThat(files(to)).as("nothing is done yet").isEqualTo(damaged);
        assertThat(to.resolve(".venue/manifest.json")).hasContent(manifest);
        assertThat(site.send(delivery).objects()).isPositive();
        assertThat(files(to)).isEqualTo(before);
        assertThat(site.send(delivery).objects()).isZero();
    }

    private static Map<Path, String> files(Path folder) throws IOException {
        Map<Path, String> all = new HashMap<>();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                if (!file.endsWith(".venue/manifest.json") && !file.endsWith(".venue/lock")) {
                    all.put(file, Hash.over(file).text());
                }
            }
        }
        return all;
    }

    @Test
    void thoseOfEachDayGoThereTooAndAsManyAreKept() {
        json(maja.post("/api/upkeep/schedule", "{\"at\":\"03:00\",\"keep\":2}"));
        for (int made = 0; made < 3; made++) {
            json(maja.post("/api/upkeep/backup", "{}"));
            Awaitility.await()
                    .atMost(Duration.ofMinutes(2))
                    .until(() -> !json(maja.get("/api/upkeep"))
                            .at("/backups/running")
                            .asBoolean());
        }
        JsonNode told = json(maja.get("/api/upkeep")).get("backups");
        assertThat(told.get("bucket").asString()).isEqualTo("s3://" + ObjectStorage.BUCKET + "/daily");
        Map<String, byte[]> there = storage.all("daily/");
        assertThat(there).hasSize(2);
        told.get("kept")
                .forEach(
                        kept -> assertThat(there.get("daily/" + kept.get("name").asString()))
                                .hasSize(kept.get("bytes").asInt()));
    }

    private static int verb(List<String> reached, String... line) {
        List<String> all = new ArrayList<>(List.of(line));
        all.addAll(reached);
        return Venue.run(all.toArray(String[]::new));
    }

    @Test
    void refusesWhatItCannotBe() throws Exception {
        String folder = top.resolve("to").toString();
        assertThat(maja.post(API, Delivered.asked("", folder, "https://www.example.org"))
                        .statusCode())
                .isEqualTo(422);
        assertThat(maja.post(API, Delivered.asked("One", "relative", "https://www.example.org"))
                        .body())
                .contains("absolute path");
        assertThat(maja.post(
                                API,
                                Delivered.asked(
                                        "One", parts.path().resolve("media").toString(), "https://www.example.org"))
                        .body())
                .contains("own data");
        assertThat(maja.post(API, Delivered.asked("One", folder, "www.example.org/x"))
                        .statusCode())
                .isEqualTo(422);
        assertThat(tomas.post(API, Delivered.asked("One", folder, "https://www.example.org"))
                        .statusCode())
                .isEqualTo(403);
        Files.writeString(Files.createDirectories(top.resolve("to")).resolve("mine"), "mine");
        assertThat(json(maja.post(API + "/try", Delivered.asked("One", folder, "https://www.example.org")))
                        .get("says")
                        .asString())
                .contains("Something else lies");
        Delivery other = Delivered.to(top.resolve("to"), Layout.AT_ADDRESSES, "http://" + HOST, "");
        assertThatThrownBy(() -> site.send(other)).isInstanceOf(TargetTrouble.class);
        assertThat(Files.readString(top.resolve("to/mine"))).isEqualTo("mine");
    }
}
