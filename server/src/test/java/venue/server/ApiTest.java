package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.refused;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What the API refuses, and how it says so. */
@ServerTest
class ApiTest {

    @LocalServerPort
    private int port;

    @As("maja")
    private Client maja;

    @Test
    void withoutASessionNothingIsTold() {
        Client nobody = new Client(port);
        for (String path :
                new String[] {"", "/kestrel-moor", "/kestrel-moor/plan", "/kestrel-moor/survey", "/kestrel-moor/media"
                }) {
            assertThat(nobody.get("/api/sites" + path).statusCode()).isEqualTo(401);
        }
        assertThat(nobody.get("/api/openapi").statusCode()).isEqualTo(401);
    }

    @Test
    void withoutTheTokenNothingIsDone() {
        assertThat(maja.postWithoutToken("/api/sites/kestrel-moor/undo", "{}").statusCode())
                .isEqualTo(403);
    }

    @Test
    void howeverManyWrongTriesThereWereTheRightPasswordOpens() {
        Client guesser = new Client(port);
        guesser.get("/api/me");
        String guess = Client.json("email", "tomas@kestrel-moor.example", "password", "guess");
        for (int i = 0; i < 7; i++) {
            refused(guesser.post("/api/sign-in", guess), 403, "sign-in-failed");
        }
        HttpResponse<String> right = guesser.post("/api/sign-in", guess.replace("guess", Client.PASSWORD));
        assertThat(right.statusCode()).isEqualTo(200);
        assertThat(guesser.get("/api/me").body()).contains("Tomás Jurado");
    }

    @Test
    void badInputIsRefusedWithCodeFieldAndWayOut() {
        refused(maja.give("set-title", "page", "visit", "title", "  "), 422, "title-empty");
        refused(maja.give("set-title", "page", "visit", "title", "x".repeat(5000)), 422, "title-too-long");
        refused(maja.give("set-title", "page", "nope", "title", "x"), 404, "unknown-page");
        refused(maja.give("move-page", "page", "visit", "parent", "opening-times"), 422, "beneath-itself");
        refused(maja.give("move-page", "page", "article-1", "parent", "visit"), 422, "not-here");
        refused(maja.give("set-segment", "page", "visit", "segment", "api"), 422, "reserved-segment");
        refused(maja.give("set-segment", "page", "visit", "segment", "news"), 409, "segment-taken");
        refused(maja.give("remove-page", "page", "welcome"), 409, "home-stays");
        refused(maja.give("lead-on", "from", "/visit", "to", "page:news"), 409, "page-there");
        refused(maja.give("end-leading", "from", "/nowhere"), 404, "unknown-redirect");
        refused(maja.command(link("javascript:alert(1)")), 422, "link-not-allowed");
        refused(maja.give("explode"), 400, "unreadable");
        refused(maja.give("set-title", "page", "visit", "title", "x", "more", 1), 400, "unreadable");
        refused(maja.command("not json"), 400, "unreadable");
        refused(
                maja.post("/api/sites/kestrel-moor/releases", Client.json("items", List.of(), "note", "")),
                422,
                "nothing-to-release");
        refused(
                maja.post("/api/sites/kestrel-moor/releases", Client.json("items", List.of("nope"), "note", "")),
                404,
                "unknown-change");
        refused(maja.get("/api/sites/no-site/news"), 404, "unknown-site");
    }

    private static String link(String target) {
        return Client.json(
                "verb",
                "set-value",
                "item",
                "learn",
                "section",
                "learn-main2",
                "element",
                "e2",
                "key",
                "links",
                "value",
                List.of(Map.of("label", "x", "link", target)));
    }

    @Test
    void filesThatAreNoPicturesOrTooLargeAreRefused() {
        String media = "/api/sites/kestrel-moor/media";
        refused(maja.upload(media, "<html>".getBytes(StandardCharsets.UTF_8)), 422, "not-a-picture");
        refused(maja.upload(media, new byte[28 * 1024 * 1024]), 422, "file-too-large");
        refused(maja.upload(media, new byte[60 * 1024 * 1024]), 422, "file-too-large");
    }

    @Test
    void aStaleCommandThatTouchesTheSamePartIsRefusedWithBothVersions() {
        String detail = maja.get("/api/sites/kestrel-moor/pages/tonight").body();
        String seen = "{\"tonight\":\"" + detail.replaceAll("^.*?\"revision\":\"([0-9a-f]+)\".*", "$1") + "\"}";
        assertThat(maja.command(Client.json("verb", "set-title", "page", "tonight", "title", "First"), seen)
                        .statusCode())
                .isEqualTo(200);
        HttpResponse<String> second =
                maja.command(Client.json("verb", "set-title", "page", "tonight", "title", "Second"), seen);
        refused(second, 409, "changed-meanwhile");
        assertThat(second.body()).contains("\"theirs\"", "\"mine\"", "First", "Second");
    }

    @Test
    void editorsWritePagesButDoNotShapeTheSite() {
        Client tomas = Client.signedIn(port, "tomas");
        assertThat(tomas.give("set-title", "page", "glossary", "title", "Words").statusCode())
                .isEqualTo(200);
        refused(tomas.give("make-home", "page", "visit"), 403, "managers-only");
        refused(tomas.give("wear-look", "look", "press"), 403, "managers-only");
        refused(tomas.give("set-value", "item", "dusk", "key", "bodySize", "value", 20), 403, "managers-only");
        refused(tomas.give("set-value", "item", "site", "key", "email", "value", "x"), 403, "managers-only");
        refused(tomas.give("name-section", "item", "dark-road", "section", "s1", "name", "x"), 403, "managers-only");
        refused(
                tomas.give("reach-section", "page", "tonight", "section", "tonight-main1", "to", "SHARED"),
                403,
                "managers-only");
        refused(
                tomas.post("/api/sites/kestrel-moor/releases", Client.json("items", List.of("visit"), "note", "")),
                403,
                "managers-only");
        refused(tomas.post("/api/sites/kestrel-moor/releases/1/return", "{}"), 403, "managers-only");
    }
}
