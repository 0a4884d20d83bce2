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
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Files taken in over HTTP, cut, described in several languages, and served. */
@ServerTest
class MediaTest {

    private static final String MEDIA = "/api/sites/kestrel-moor/media";

    @LocalServerPort
    private int port;

    private Client maja;

    @BeforeEach
    void begin() {
        maja = Client.signedIn(port, "maja");
    }

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
        refused(maja.post(MEDIA + "/" + id + "/cut", "{\"left\":\"x\"}"), 400, "unreadable");
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
}
