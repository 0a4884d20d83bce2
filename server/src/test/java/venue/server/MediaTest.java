package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;
import tools.jackson.databind.JsonNode;

/** Files taken in over HTTP, cut, described in several languages, and served. */
@ServerTest
@TestPropertySource(properties = "venue.site-bytes=40MB")
class MediaTest {

    private static final String MEDIA = "/api/sites/kestrel-moor/media";

    @LocalServerPort
    private int port;

    @As("maja")
    private Client maja;

    private static byte[] picture(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private String cut(String id, int left, int top, int wide, int high) {
        return "{\"left\":" + left + ",\"top\":" + top + ",\"wide\":" + wide + ",\"high\":" + high + "}";
    }

    @Test
    void aPictureIsCutAndMadeWholeAndBothCanBeTakenBack() throws IOException {
        JsonNode whole = json(maja.upload(MEDIA, picture(1000, 501)));
        String id = whole.get("id").asString();
        JsonNode part = json(maja.post(MEDIA + "/" + id + "/cut", cut(id, 0, 0, 50, 100)));
        assertThat(part.get("width").asInt()).isEqualTo(500);
        assertThat(part.get("whole").asString()).isEqualTo(whole.get("path").asString());
        assertThat(maja.visit(part.get("path").asString()).statusCode()).isEqualTo(200);
        assertThat(maja.visit(whole.get("path").asString()).statusCode())
                .as("the whole stays")
                .isEqualTo(200);
        json(maja.post("/api/sites/kestrel-moor/undo", "{}"));
        assertThat(json(maja.get(MEDIA)).findValuesAsString("path"))
                .contains(whole.get("path").asString());
        refused(maja.post(MEDIA + "/" + id + "/cut", cut(id, 80, 0, 50, 100)), 422, "bad-cut");
        refused(maja.post(MEDIA + "/" + id + "/cut", cut(id, 0, 0, 0, 100)), 422, "bad-cut");
        refused(maja.post(MEDIA + "/nope/cut", cut(id, 0, 0, 50, 50)), 404, "unknown-media");
        refused(maja.post(MEDIA + "/" + id + "/cut", Client.json("left", "x")), 400, "unreadable");
    }

    @Test
    void aDocumentShowsItsFirstPageToThoseWhoWorkHere() {
        HttpResponse<String> page = maja.get(MEDIA + "/guide-moon/first-page");
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.headers().firstValue("content-type")).hasValue("image/jpeg");
        assertThat(maja.get(MEDIA + "/trails/first-page").statusCode())
                .as("a picture has none")
                .isEqualTo(404);
        refused(maja.get(MEDIA + "/nope/first-page"), 404, "unknown-media");
    }

    @Test
    void wordsInAnotherLanguageStandBesideTheSitesOwn() {
        String words = "{\"verb\":\"describe-media\",\"media\":\"trails\",\"decorative\":false,";
        json(maja.command(words + "\"alt\":\"Sternspuren\",\"language\":\"de\"}"));
        JsonNode trails = null;
        for (JsonNode file : json(maja.get(MEDIA))) {
            trails = file.get("id").asString().equals("trails") ? file : trails;
        }
        assertThat(trails).isNotNull();
        assertThat(trails.get("altIn").get("de").asString()).isEqualTo("Sternspuren");
        assertThat(trails.get("alt").asString()).isEqualTo("Star trails turning above a dome at dusk");
        refused(maja.command(words + "\"alt\":\"x\",\"language\":\"no such\"}"), 422, "bad-language");
        refused(maja.command(words + "\"alt\":\"" + "x".repeat(501) + "\"}"), 422, "too-long");
    }

    @Test
    void whereAPictureStandsIsToldWithItsShape() {
        JsonNode stands = json(maja.get(MEDIA + "/trails/stands"));
        assertThat(stands.findValuesAsString("shape")).contains("16 : 9");
        refused(maja.get(MEDIA + "/nope/stands"), 404, "unknown-media");
    }

    @Test
    void aFilmIsServedInParts() {
        byte[] film = "....ftypisom and then the night, frame by frame".getBytes(StandardCharsets.US_ASCII);
        JsonNode taken = json(maja.upload(MEDIA, film));
        assertThat(taken.get("sort").asString()).isEqualTo("FILM");
        String path = taken.get("path").asString();
        HttpResponse<String> part = maja.visit(Client.SITE, "GET", path, "Range", "bytes=4-11");
        assertThat(part.statusCode()).isEqualTo(206);
        assertThat(part.body()).isEqualTo("ftypisom");
        assertThat(Client.header(part, "content-range")).containsExactly("bytes 4-11/" + film.length);
        assertThat(maja.visit(Client.SITE, "GET", path, "Range", "bytes=900-").statusCode())
                .isEqualTo(416);
        assertThat(maja.visit(path).body()).hasSize(film.length);
        JsonNode again = json(maja.upload(MEDIA, film));
        assertThat(again.get("id")).as("the same file once").isEqualTo(taken.get("id"));
    }

    @Test
    void aDocumentIsHandedOverUnderItsNameAndNeverShownInThePagesPlace() {
        byte[] guide = "%PDF-1.7 a guide to the moon".getBytes(StandardCharsets.US_ASCII);
        JsonNode taken = json(maja.upload(MEDIA, guide));
        HttpResponse<String> served = maja.visit(taken.get("path").asString());
        assertThat(Client.header(served, "content-disposition").get(0))
                .startsWith("attachment;")
                .contains(taken.get("name").asString().replace(" ", "_").substring(0, 1));
        assertThat(Client.header(maja.visit("/-/media/" + thumb()), "content-disposition"))
                .isEmpty();
    }

    private String thumb() {
        return json(maja.get(MEDIA)).findValuesAsString("thumb").stream()
                .filter(t -> t.endsWith(".jpg"))
                .map(t -> t.replaceAll(".*/", ""))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsSentIsLookedAtBeforeItIsReceived() {
        JsonNode room = json(maja.get(MEDIA + "/room"));
        assertThat(room.get("most").asLong()).isEqualTo(40 * 1024 * 1024);
        assertThat(room.get("taken").asLong()).isPositive();
        byte[] more = new byte[41 * 1024 * 1024];
        refused(maja.upload(MEDIA, more), 413, "site-full");
        refused(maja.upload("/api/sites/kestrel-moor/undo", new byte[3]), 415, "no-form");
        refused(new Client(port).upload(MEDIA, new byte[3]), 401, "signed-out");
        refused(
                maja.send("POST", "/api/sites/kestrel-moor/commands", "application/json", " ".repeat(17_000_000)),
                413,
                "too-large");
        refused(maja.upload(MEDIA, "x".repeat(3_000) + ".exe", new byte[3]), 422, "not-a-picture");
        refused(maja.upload(MEDIA, "x".repeat(30_000) + ".exe", new byte[3]), 400, "unreadable");
    }

    @Test
    void drawingsArePrivateAndKeptUnderTheirHash() {
        String site = maja.get("/api/sites/kestrel-moor").body();
        String proofs = site.replaceAll(".*\"proofs\":\"http://[^/]*([^\"]*)\".*", "$1");
        JsonNode pattern = json(maja.get("/api/sites/kestrel-moor/catalog"))
                .get("patterns")
                .get(0);
        String path = proofs + "pattern/" + pattern.get("id").asString() + "?drawn="
                + pattern.get("drawn").asString();
        HttpResponse<String> drawing = maja.visit(path);
        assertThat(drawing.statusCode()).isEqualTo(200);
        assertThat(Client.header(drawing, "cache-control")).containsExactly("private, max-age=86400, immutable");
        assertThat(maja.visit(path).body()).isEqualTo(drawing.body());
        assertThat(Client.header(maja.visit(path.replaceAll("\\?.*", "")), "cache-control"))
                .containsExactly("no-store");
    }

    /** It is served for as long as it is kept; what is shown and not taken along has none. */
    @Test
    void aDocumentKeepsWhatItWasUntilThatIsForgotten() throws IOException {
        JsonNode first = json(maja.upload(MEDIA, "rules.pdf", "%PDF-1.7 one".getBytes(StandardCharsets.UTF_8)));
        JsonNode second = json(maja.upload(MEDIA, "rules-2.pdf", "%PDF-1.7 two".getBytes(StandardCharsets.UTF_8)));
        String id = first.get("id").asString();
        json(maja.give("replace-media", "media", id, "by", second.get("id").asString(), "keep", true));
        JsonNode now = media(id);
        assertThat(now.get("path")).isEqualTo(second.get("path"));
        assertThat(now.get("since").asString()).matches("\\d{4}-\\d{2}-\\d{2}");
        JsonNode before = now.get("earlier").get(0);
        assertThat(before.get("path")).isEqualTo(first.get("path"));
        assertThat(maja.visit(before.get("path").asString()).body()).endsWith("one");
        refused(maja.give("forget-earlier", "media", id, "file", "ab"), 422, "no-such-version");
        json(maja.give("forget-earlier", "media", id, "file", before.get("file").asString()));
        assertThat(media(id).get("earlier")).isEmpty();
        String picture = json(maja.upload(MEDIA, picture(30, 30))).get("id").asString();
        refused(maja.give("replace-media", "media", "trails", "by", picture, "keep", true), 422, "not-kept");
    }

    private JsonNode media(String id) {
        for (JsonNode one : json(maja.get(MEDIA))) {
            if (one.get("id").asString().equals(id)) {
                return one;
            }
        }
        throw new AssertionError("no file " + id);
    }

    @Test
    void partsOfPagesAreToldWithWhatIsUsualForThem() {
        String parts = "/api/sites/kestrel-moor/parts";
        json(maja.give("set-value", "item", "article-1", "key", "partTopics", "value", "shown"));
        JsonNode told = json(maja.post(parts, "{\"pages\":[\"article-1\",\"article-2\"]}"));
        for (JsonNode part : told) {
            boolean topics = part.get("key").asString().equals("partTopics");
            boolean columns = part.get("key").asString().equals("sides");
            assertThat(part.get("usual").toString()).isEqualTo(columns ? "{\"right\":2}" : "{\"\":2}");
            assertThat(part.get("own").toString()).isEqualTo(topics ? "{\"shown\":1}" : "{}");
            assertThat(part.get("differing").size()).isEqualTo(topics ? 1 : 0);
        }
        refused(maja.post(parts, "{\"pages\":[\"nope\"]}"), 404, "unknown-page");
        refused(maja.give("set-value", "item", "article-1", "key", "partTopics", "value", "maybe"), 422, "wrong-value");
    }
}
