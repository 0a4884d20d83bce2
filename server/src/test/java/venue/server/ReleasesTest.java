package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.net.http.HttpResponse;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.bean.override.convention.TestBean;
import tools.jackson.databind.JsonNode;

/** Releases over HTTP: set for a time, asked for, given back, compared; and what is refused. */
@ServerTest
class ReleasesTest {

    private static final String SITE = "/api/sites/kestrel-moor";
    private static final String RELEASES = SITE + "/releases";
    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final AtomicLong AHEAD = new AtomicLong();

    @TestBean
    private InstantSource clock;

    static InstantSource clock() {
        return () -> Instant.now().plusSeconds(AHEAD.get());
    }

    @As("maja")
    private Client maja;

    @As("tomas")
    private Client tomas;

    private static String in(long minutes) {
        return LocalDateTime.ofInstant(Instant.now().plusSeconds(AHEAD.get()), LONDON)
                .plusMinutes(minutes)
                .truncatedTo(ChronoUnit.MINUTES)
                .toString();
    }

    private HttpResponse<String> plan(Client who, String wanted, String... items) {
        return who.post(
                RELEASES + "/planned", Client.json("items", List.of(items), "note", "By night", "wanted", wanted));
    }

    private JsonNode standing() {
        return json(maja.get(SITE));
    }

    private void title(String page, String title) {
        json(maja.give("set-title", "page", page, "title", title));
    }

    private void make(String id, String title) {
        json(maja.give(
                "make-pages",
                "as",
                Map.of("kind", "standard"),
                "where",
                Map.of(),
                "pages",
                List.of(Map.of("id", id, "title", title)),
                "menus",
                List.of(),
                "settings",
                Map.of()));
    }

    private static List<JsonNode> each(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false).toList();
    }

    private int release() {
        return standing().get("release").asInt();
    }

    @Test
    void setForATimeIsMadeThenAndToldUntilThen() {
        title("glossary", "Words");
        int before = release();
        refused(plan(tomas, in(60), "glossary"), 403, "managers-only");
        refused(plan(maja, in(-60), "glossary"), 422, "time-out-of-range");
        refused(plan(maja, "soon", "glossary"), 422, "no-time");
        refused(plan(maja, in(60)), 422, "nothing-to-release");
        refused(plan(maja, in(60), "nobody"), 404, "unknown-change");
        String wanted = in(60);
        String id = json(plan(maja, wanted, "glossary")).get("id").asString();
        assertThat(standing().get("planned").asInt()).isEqualTo(1);
        assertThat(standing().get("nextAt").asString()).isEqualTo(wanted);
        title("glossary", "Words again");
        JsonNode told = json(tomas.get(RELEASES + "/planned")).get(0);
        assertThat(told.get("holds").get("since").get(0).asString()).isEqualTo("Words again");
        assertThat(told.get("when").get("by").asString()).isEqualTo("Maja Åkerlund");
        String move = Client.json("wanted", in(30), "note", "Sooner");
        refused(tomas.post(RELEASES + "/planned/" + id, move), 403, "managers-only");
        json(maja.post(RELEASES + "/planned/" + id, move));
        AHEAD.addAndGet(45 * 60);
        await().until(() -> release() > before);
        assertThat(standing().get("planned").asInt()).isZero();
        JsonNode log = json(maja.get(RELEASES)).get(0);
        assertThat(log.get("note").asString()).isEqualTo("Sooner");
        assertThat(Instant.parse(log.get("at").asString()))
                .as("made late, by this clock")
                .isAfter(Instant.parse(log.get("due").asString()).plusSeconds(60));
        assertThat(maja.visit("/learn/glossary").body()).contains("<h1>Words</h1>");
        refused(
                maja.send("DELETE", RELEASES + "/planned/" + id, "application/json", ""),
                404,
                "unknown-planned-release");
    }

    @Test
    void oneWithSomethingInItsWayWaitsAndIsToldAsSuchAndCancelled() {
        make("tea-room", "Tea room");
        String id = json(plan(maja, in(10), "tea-room")).get("id").asString();
        json(maja.give("set-segment", "page", "tea-room", "segment", "cups"));
        make("other-tea", "Tea room");
        json(maja.post(RELEASES, Client.json("items", List.of("other-tea"), "note", "")));
        int before = release();
        AHEAD.addAndGet(11 * 60);
        await().until(() -> standing().get("overdue").asInt() == 1);
        assertThat(release()).isEqualTo(before);
        JsonNode holds = json(maja.get(RELEASES + "/planned")).get(0).get("holds");
        assertThat(holds.get("missing").get(0).asString()).contains("has the address that “Tea room” would have");
        assertThat(holds.get("overdue").asBoolean()).isTrue();
        refused(tomas.send("DELETE", RELEASES + "/planned/" + id, "application/json", ""), 403, "managers-only");
        assertThat(maja.send("DELETE", RELEASES + "/planned/" + id, "application/json", "")
                        .statusCode())
                .isEqualTo(200);
        assertThat(standing().get("overdue").asInt()).isZero();
    }

    @Test
    void isAskedForGivenBackAskedForAgainAndReleased() {
        json(tomas.give("set-title", "page", "tonight", "title", "This night"));
        refused(
                tomas.post(RELEASES + "/asked", Client.json("items", List.of(), "word", "x")),
                422,
                "nothing-asked-for");
        refused(
                tomas.post(RELEASES + "/asked", Client.json("items", List.of("tonight"), "word", " ")),
                422,
                "word-missing");
        refused(
                tomas.post(RELEASES + "/asked", Client.json("items", List.of("step-free"), "word", "x")),
                404,
                "unknown-change");
        String asking = Client.json("items", List.of("tonight"), "word", "before Friday");
        String id = json(tomas.post(RELEASES + "/asked", asking)).get("id").asString();
        assertThat(standing().get("asked").asInt()).isEqualTo(1);
        JsonNode change = each(json(maja.get(RELEASES + "/waiting")).get("changes")).stream()
                .filter(c -> c.get("name").asString().equals("This night"))
                .findFirst()
                .orElseThrow();
        assertThat(change.get("by").get(0).asString()).isEqualTo("Tomás Jurado");
        assertThat(change.get("mine").asBoolean()).isFalse();
        refused(tomas.post(RELEASES + "/asked/" + id + "/back", Client.json("word", "x")), 403, "managers-only");
        assertThat(maja.post(RELEASES + "/asked/" + id + "/back", Client.json("word", "The price"))
                        .statusCode())
                .isEqualTo(200);
        assertThat(standing().get("asked").asInt()).isZero();
        JsonNode back = json(tomas.get(RELEASES + "/asked")).get(0);
        assertThat(back.get("back").get("word").asString()).isEqualTo("The price");
        assertThat(back.get("mine").asBoolean()).isTrue();
        json(tomas.post(RELEASES + "/asked", asking));
        json(maja.post(RELEASES, Client.json("items", List.of("tonight"), "note", "")));
        assertThat(json(tomas.get(RELEASES + "/asked")).size()).isZero();
        String mine = json(maja.give("set-title", "page", "tonight", "title", "Now"))
                .get("step")
                .asString();
        assertThat(mine).isNotEmpty();
        String hers = json(maja.post(RELEASES + "/asked", asking)).get("id").asString();
        refused(tomas.send("DELETE", RELEASES + "/asked/" + hers, "application/json", ""), 403, "not-yours");
        assertThat(maja.send("DELETE", RELEASES + "/asked/" + hers, "application/json", "")
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    void anyTwoAreComparedAndGoingBackTellsWhatWouldBeLost() {
        make("short-lived", "Short-lived");
        int before = release();
        json(maja.post(RELEASES, Client.json("items", List.of("short-lived"), "note", "")));
        String compared = RELEASES + "/compared?before=" + before + "&after=" + (before + 1);
        JsonNode entries = json(tomas.get(compared)).get("entries");
        assertThat(each(entries)).extracting(e -> e.get("item").asString()).containsExactly("short-lived");
        JsonNode sides = json(maja.get(RELEASES + "/compared/short-lived?before=" + before + "&after=live"));
        assertThat(sides.has("before")).isFalse();
        assertThat(sides.get("after").asString()).isEqualTo("/short-lived");
        JsonNode back = json(maja.get(RELEASES + "/" + before + "/return"));
        assertThat(back.get("lost").get(0).asString()).isEqualTo("Short-lived");
        assertThat(back.get("preview").get("sitemap").get("goes").size()).isEqualTo(1);
        refused(maja.get(RELEASES + "/compared?before=1&after=900"), 404, "unknown-release");
        refused(maja.get(RELEASES + "/compared?before=1&after=later"), 422, "no-such-edition");
        refused(maja.get(RELEASES + "/" + release() + "/return"), 404, "unknown-earlier-release");
        String proofs = standing().get("proofs").asString();
        String path = proofs.substring(proofs.indexOf("/-/proof/"));
        assertThat(maja.visit(path + "page/short-lived?of=" + (before + 1)).body())
                .contains("Short-lived");
        assertThat(maja.visit(path + "page/short-lived?of=" + before).statusCode())
                .isEqualTo(404);
    }
}
