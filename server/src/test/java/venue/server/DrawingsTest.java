package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** The markup of many drawings in one answer, and the sealed document that draws them. */
@SharedServerTest
class DrawingsTest {

    private static final String DRAWINGS = "/api/sites/kestrel-moor/drawings?";

    @LocalServerPort
    private int port;

    @As("tomas")
    private Client tomas;

    private static String asking(List<String> of) {
        return of.stream()
                .map(o -> "of=" + URLEncoder.encode(o, StandardCharsets.UTF_8))
                .collect(Collectors.joining("&", DRAWINGS, ""));
    }

    @Test
    void manyComeInTheOrderInWhichTheyAreAskedForAndWhatIsNotThereIsNothing() {
        JsonNode drawings = json(tomas.get(asking(List.of(
                "pattern/ready-notice?drawn=x", "page/welcome?of=live", "pattern/nobody", "template/plain?sample=1"))));
        assertThat(drawings.valueStream().map(d -> d.get("of").asString()))
                .containsExactly(
                        "pattern/ready-notice?drawn=x",
                        "page/welcome?of=live",
                        "pattern/nobody",
                        "template/plain?sample=1");
        assertThat(drawings.valueStream().map(d -> d.hasNonNull("html"))).containsExactly(true, true, false, true);
        Document home = Jsoup.parse(drawings.get(1).get("html").asString());
        assertThat(home.select("h1").text()).isNotEmpty();
        assertThat(home.select("link[rel=stylesheet]").attr("href")).startsWith("/-/style/");
    }

    @Test
    void tooManyAtOnceAndWhoeverIsNoneOfTheSitesPeopleAreRefused() {
        refused(tomas.get(asking(Collections.nCopies(25, "pattern/call"))), 422, "too-many-drawings");
        assertThat(new Client(port).get(asking(List.of("pattern/call"))).statusCode())
                .isEqualTo(401);
    }

    @Test
    void theDocumentHoldsNothingRunsOurScriptAloneAndIsFramedByTheInterfaceAlone() {
        HttpResponse<String> board = new Client(port).visit("/-/drawings");
        Document document = Jsoup.parse(board.body());
        assertThat(document.select("script").eachAttr("src")).containsExactly("/-/drawings.js");
        assertThat(document.body().text()).isEmpty();
        String policy = board.headers().firstValue("Content-Security-Policy").orElseThrow();
        assertThat(policy)
                .contains(
                        "default-src 'none'",
                        "script-src 'self'",
                        "form-action 'none'",
                        "frame-ancestors http://localhost")
                .doesNotContain("connect-src");
        for (String sheet : document.select("link[rel=stylesheet]").eachAttr("href")) {
            HttpResponse<String> css = new Client(port).visit(sheet);
            assertThat(css.headers().firstValue("Access-Control-Allow-Origin"))
                    .as(sheet)
                    .contains("*");
        }
    }
}
