package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.io.ByteArrayOutputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;
import tools.jackson.databind.JsonNode;
import venue.server.live.HeldSite;
import venue.store.database.DataFolder;
import venue.store.workspace.Workspace;

/** Owners look after the installation; machines ask how it is; verbs work beside the server that has the folder. */
@ServerTest
@TestPropertySource(properties = {"venue.metrics-token=a token for tests", "venue.trusted-proxies=127.0.0.1"})
class UpkeepTest {

    private static final String BEARER = "Bearer a token for tests";

    private static final List<String> BOTH = List.of("visit", "tonight");

    @LocalServerPort
    private int port;

    @Autowired
    private DataFolder folder;

    @TempDir
    Path top;

    @As("maja")
    private Client maja;

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    private JsonNode upkeep() {
        return json(maja.get("/api/upkeep"));
    }

    private JsonNode backedUp() {
        json(maja.post("/api/upkeep/backup", "{}"));
        Awaitility.await()
                .atMost(Duration.ofMinutes(2))
                .until(() -> !upkeep().at("/backups/running").asBoolean());
        return upkeep();
    }

    @Test
    void anOwnerMakesBackupsAndIsToldWhatWantsThem() throws Exception {
        Path backups = folder.path().resolve("backups");
        Files.writeString(backups, "no folder");
        assertThat(backedUp().get("findings").toString())
                .contains("The last backup failed: it can't be written", "no backup yet", "by itself");
        Files.delete(backups);
        assertThat(json(maja.get("/api/sites/kestrel-moor/first-steps"))
                        .get("away")
                        .asBoolean())
                .isTrue();
        JsonNode first = backedUp();
        String name = first.at("/backups/kept/0/name").asString();
        assertThat(first.get("tasks").toString()).contains("\"says\":\"" + name + "\"");
        json(maja.post("/api/upkeep/schedule", "{\"at\":\"03:00\",\"keep\":2}"));
        assertThat(upkeep().get("findings")).isEmpty();
        Path file = backups.resolve(name);
        Files.setLastModifiedTime(file, FileTime.from(Instant.now().minus(Duration.ofDays(3))));
        assertThat(json(maja.get("/api/upkeep/findings")).toString()).contains("3 days old");
        assertThat(maja.get("/api/record").body()).contains("BACKUP_MADE", "BACKUPS_SCHEDULED");
        refused(maja.post("/api/upkeep/schedule", "{\"at\":\"25:00\",\"keep\":2}"), 422, "bad-time");
        refused(maja.post("/api/upkeep/schedule", "{\"keep\":0}"), 422, "bad-number");
        refused(Client.signedIn(port, "tomas").get("/api/upkeep"), 403, "owners-only");
    }

    /** Gives two pages one title after the other and releases them, without pause, and keeps what each release looks like. */
    private Map<Integer, List<String>> hammer(AtomicBoolean goesOn) {
        Map<Integer, List<String>> seen = new HashMap<>();
        for (int n = 1; goesOn.get() || n < 3; n++) {
            for (String page : BOTH) {
                json(maja.give("set-title", "page", page, "title", "Number " + n));
            }
            json(maja.post("/api/sites/kestrel-moor/releases", Client.json("items", BOTH, "note", "")));
            int release = json(maja.get("/api/sites/kestrel-moor/releases/waiting"))
                    .get("release")
                    .asInt();
            seen.put(release, BOTH.stream().map(p -> maja.visit("/" + p).body()).toList());
        }
        return seen;
    }

    @Test
    void whatIsRestoredIsAWholeReleaseByteForByteHoweverMuchIsDoneMeanwhile() throws Exception {
        // What visitors take along and send is no part of what leaves this machine, nor is what tells of it.
        json(maja.give("set-value", "item", "site", "key", "basket", "value", "none"));
        json(maja.give("set-value", "item", "site", "key", "headerMembers", "value", false));
        json(maja.give("retire-form", "form", "letters-form", "retired", true));
        json(maja.post(
                "/api/sites/kestrel-moor/releases", Client.json("items", List.of("site", "letters-form"), "note", "")));
        AtomicBoolean goesOn = new AtomicBoolean(true);
        CompletableFuture<Map<Integer, List<String>>> work = CompletableFuture.supplyAsync(() -> hammer(goesOn));
        Path file = top.resolve("busy.venuebackup");
        int status = verb("backup", "--to", file.toString());
        goesOn.set(false);
        Map<Integer, List<String>> seen = work.join();
        assertThat(status).as(err.toString(StandardCharsets.UTF_8)).isZero();
        Path again = top.resolve("again");
        assertThat(Venue.run("restore", "--from", file.toString(), "--data", again.toString()))
                .isZero();
        try (OwnFolder restored = OwnFolder.open(again, port)) {
            Workspace site = restored.site(Client.SITE);
            String origin = restored.origin().apply(Client.SITE);
            Map<String, String> pages = new HashMap<>();
            new HeldSite(site, restored.media(), origin, Instant.now())
                    .each(a -> pages.put(a.path(), new String(a.content().bytes(), StandardCharsets.UTF_8)));
            int release = site.now().release();
            if (seen.containsKey(release)) {
                assertThat(BOTH.stream().map(p -> pages.get("/" + p)).toList()).isEqualTo(seen.get(release));
            } else {
                assertThat(release).as("before the first").isEqualTo(Collections.min(seen.keySet()) - 1);
            }
        }
    }

    @Test
    void filesThatNoSiteHasAreRemoved() throws Exception {
        Path lost = folder.path().resolve("media/0123456789abcdef0123-640.jpg");
        Files.write(lost, new byte[5000]);
        Files.setLastModifiedTime(lost, FileTime.from(Instant.now().minus(Duration.ofDays(2))));
        JsonNode unused = json(maja.get("/api/upkeep/unused-files"));
        assertThat(unused.findValuesAsString("file")).containsExactly("0123456789abcdef0123");
        String chosen = "{\"files\":[\"0123456789abcdef0123\",\"../venue.db\"]}";
        assertThat(json(maja.post("/api/upkeep/unused-files/remove", chosen))
                        .get("bytes")
                        .asInt())
                .isEqualTo(5000);
        assertThat(lost).doesNotExist();
        assertThat(maja.visit("/").statusCode()).isEqualTo(200);
    }

    @Test
    void machinesAskHowItIs() {
        Client nobody = new Client(port);
        assertThat(nobody.get("/-/health").body()).isEqualTo("{\"status\":\"up\"}");
        assertThat(nobody.get("/-/health/live").body()).isEqualTo("{\"status\":\"up\"}");
        assertThat(nobody.get("/-/metrics").body())
                .contains("venue_requests_seconds_count", "venue_sites", "jvm_memory_used_bytes");
        assertThat(nobody.visit("/-/health").statusCode())
                .as("not under a site's name")
                .isEqualTo(404);
        assertThat(nobody.visit("localhost", "GET", "/-/metrics", "X-Forwarded-For", "127.0.0.1")
                        .statusCode())
                .as("what a proxy passes on comes from elsewhere")
                .isEqualTo(401);
        assertThat(nobody.visit(
                                "localhost",
                                "GET",
                                "/-/metrics",
                                "X-Forwarded-For",
                                "203.0.113.9",
                                "Authorization",
                                BEARER)
                        .statusCode())
                .isEqualTo(200);
    }

    private int verb(String... line) {
        List<String> all = new ArrayList<>(List.of(line));
        all.addAll(List.of("--data", folder.path().toString()));
        out.reset();
        err.reset();
        return Venue.run(
                new Venue(null, Path.of("")),
                new PrintWriter(out, true, StandardCharsets.UTF_8),
                new PrintWriter(err, true, StandardCharsets.UTF_8),
                all.toArray(String[]::new));
    }

    @Test
    void verbsThatReadWorkBesideTheServerAndThoseThatWriteAreDoneByIt() {
        assertThat(verb("people", "list")).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("maja@kestrel-moor.example");
        assertThat(err.size()).isZero();
        String pack = top.resolve("about.venuepack").toString();
        assertThat(verb("pack", "save", "--site", Client.SITE, "--item", "/visit", "--to", pack))
                .isZero();
        String backup = top.resolve("all.venuebackup").toString();
        assertThat(verb("backup", "--to", backup)).isZero();
        assertThat(maja.get("/api/record").body()).contains("PACK_SAVED", "all.venuebackup");

        Client tomas = Client.signedIn(port, "tomas");
        assertThat(verb("pack", "read", "--site", Client.SITE, pack, "--only-patterns"))
                .isZero();
        assertThat(err.toString(StandardCharsets.UTF_8)).startsWith("venue: done by the server");
        assertThat(verb("people", "deactivate", "--email", "tomas@kestrel-moor.example"))
                .isZero();
        assertThat(tomas.get("/api/sites").statusCode()).as("at once").isEqualTo(401);
        json(maja.post("/api/people/tomas/bring-back", "{}"));
        assertThat(verb("people", "deactivate", "--email", "maja@kestrel-moor.example"))
                .isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("last owner");
    }
}
