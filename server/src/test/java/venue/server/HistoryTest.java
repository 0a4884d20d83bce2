package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Safety nets and files: history, proofs sent out, own HTML, media. */
class HistoryTest extends TwoAtWork {

    private static final String SITE = "/api/sites/kestrel-moor";

    @Test
    void anEarlierVersionIsListedComparedSeenAndBroughtBack() {
        String history = SITE + "/pages/glossary/history";
        json(maja.give("set-title", "page", "glossary", "title", "Words of the sky"));
        json(tomas.give("set-title", "page", "glossary", "title", "Sky words"));
        JsonNode versions = json(maja.get(history));
        assertThat(versions.get(0).get("who").asString()).isEqualTo("Tomás Jurado");
        assertThat(versions.get(0).get("now").asBoolean()).isTrue();
        String mine = versions.get(1).get("revision").asString();
        JsonNode parts = json(maja.get(history + "/" + mine));
        assertThat(parts.get(0).get("state").asString()).isEqualTo("CHANGED");
        assertThat(parts.get(0).get("before").get(0).asString()).isEqualTo("Words of the sky");
        String proofs = json(maja.get(SITE)).get("proofs").asString().replaceAll("^http://[^/]+", "");
        assertThat(maja.visit(proofs + "page/glossary?at=" + mine).body()).contains("Words of the sky");
        json(maja.post(history + "/" + mine + "/return", "{}"));
        assertThat(json(maja.get(SITE + "/pages/glossary")).get("title").asString())
                .isEqualTo("Words of the sky");
        json(maja.post(SITE + "/undo", "{}"));
        assertThat(json(maja.get(SITE + "/pages/glossary")).get("title").asString())
                .isEqualTo("Sky words");
        refused(maja.get(history + "/0000"), 404, "unknown-version");
        refused(maja.get(SITE + "/pages/visit/history/" + mine), 404, "unknown-version");
        refused(maja.post(history + "/" + mine + "/return", Client.json("section", "nope")), 404, "unknown-section");
    }

    @Test
    void aProofSentOutOpensOnePageWithoutAnAccountUntilItIsWithdrawn() {
        String sent = SITE + "/pages/dark-sky-camping/sent";
        String address =
                json(maja.post(sent, Client.json("days", 7))).get("address").asString();
        String path = address.substring(address.indexOf("/-/"));
        Client stranger = new Client(port);
        HttpResponse<String> page = stranger.visit(path);
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body()).contains("Dark-sky camping", "noindex").doesNotContain("data-s=", "to-fill");
        assertThat(page.headers().firstValue("cache-control")).contains("no-store");
        assertThat(stranger.visit("/visit/dark-sky-camping").statusCode()).isEqualTo(404);
        String id = json(maja.get(sent)).get(0).get("id").asString();
        assertThat(stranger.visit("/-/sent/" + id).statusCode()).isEqualTo(404);
        json(tomas.post(sent + "/" + id + "/withdraw", "{}"));
        assertThat(stranger.visit(path).statusCode()).isEqualTo(404);
        refused(maja.post(sent, Client.json("days", 0)), 422, "out-of-range");
        refused(maja.post(sent, Client.json("days", 61)), 422, "out-of-range");
        refused(maja.post(sent + "/" + id + "/withdraw", "{}"), 404, "unknown-proof");
        refused(maja.post(SITE + "/pages/nope/sent", Client.json("days", 1)), 404, "unknown-page");
    }

    @Test
    void ownHtmlIsTheManagersAndSealedOff() {
        String place = Client.json(
                "verb",
                "place-element",
                "item",
                "tonight",
                "section",
                "tonight-main1",
                "column",
                "c1",
                "index",
                9,
                "id",
                "own",
                "kind",
                "own-html",
                "props",
                Map.of("html", "<b>sealed</b><script>1</script>"));
        refused(tomas.command(place), 403, "managers-only");
        json(maja.command(place));
        refused(
                tomas.give(
                        "set-value",
                        "item",
                        "tonight",
                        "section",
                        "tonight-main1",
                        "element",
                        "own",
                        "key",
                        "html",
                        "value",
                        "<b>mine</b>"),
                403,
                "managers-only");
        refused(
                tomas.give("make-pattern", "page", "tonight", "id", "x", "name", "X", "group", ""),
                403,
                "managers-only");
        String markup =
                json(maja.get(SITE + "/pages/tonight/markup")).get("html").asString();
        String path = markup.replaceAll("(?s).*<iframe[^>]*src=\"(/-/own/[^\"]+)\".*", "$1");
        HttpResponse<String> own = maja.visit(path);
        assertThat(own.body()).isEqualTo("<b>sealed</b><script>1</script>");
        assertThat(own.headers().firstValue("content-security-policy").orElse(""))
                .startsWith("sandbox ")
                .doesNotContain("allow-same-origin");
    }

    @Test
    void filesOfAnySortAreKeptFiledAndServedAsWhatTheyAre() {
        byte[] guide = "%PDF-1.7 made up".getBytes(StandardCharsets.UTF_8);
        JsonNode made = json(maja.upload(SITE + "/media?folder=Guides", guide));
        assertThat(made.get("sort").asString()).isEqualTo("DOCUMENT");
        assertThat(made.get("folder").asString()).isEqualTo("Guides");
        assertThat(json(maja.upload(SITE + "/media", guide)).get("id")).isEqualTo(made.get("id"));
        HttpResponse<String> served = maja.visit(made.get("path").asString());
        assertThat(served.headers().firstValue("content-type")).contains("application/pdf");
        String trails = Client.json("verb", "remove-media", "media", "trails", "anyway", false);
        refused(maja.command(trails), 409, "in-use");
        refused(maja.give("focus-media", "media", "trails", "x", -1, "y", 3), 422, "out-of-range");
        refused(
                maja.give(
                        "replace-media", "media", "trails", "by", made.get("id").asString(), "keep", false),
                422,
                "not-alike");
        refused(maja.give("take-pattern", "page", "visit", "pattern", "nope"), 404, "unknown-pattern");
    }
}
