package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

@SharedServerTest
class PublicSiteTest {

    @LocalServerPort
    private int port;

    @As
    private Client client;

    @Test
    void answersConditionalCompressedAndHeadRequests() {
        HttpResponse<String> page = client.visit("/visit");
        String etag = page.headers().firstValue("etag").orElseThrow();
        assertThat(client.visit(Client.SITE, "GET", "/visit", "If-None-Match", etag)
                        .statusCode())
                .isEqualTo(304);
        HttpResponse<String> gzip = client.visit(Client.SITE, "GET", "/visit", "Accept-Encoding", "gzip;q=0.5");
        String zipped = Client.header(gzip, "etag").get(0);
        assertThat(zipped).isNotEqualTo(etag);
        assertThat(client.visit(Client.SITE, "GET", "/visit", "If-None-Match", zipped)
                        .statusCode())
                .as("the plain page is not what is known")
                .isEqualTo(200);
        HttpResponse<String> known =
                client.visit(Client.SITE, "GET", "/visit", "If-None-Match", zipped, "Accept-Encoding", "gzip");
        assertThat(known.statusCode()).isEqualTo(304);
        assertThat(Client.header(known, "vary")).containsExactly("Accept-Encoding");
        assertThat(Client.header(gzip, "content-encoding")).containsExactly("gzip");
        assertThat(Client.header(gzip, "vary")).containsExactly("Accept-Encoding");
        HttpResponse<String> head = client.visit(Client.SITE, "HEAD", "/visit");
        assertThat(head.body()).isEmpty();
        assertThat(Client.header(head, "content-length")).isEqualTo(Client.header(page, "content-length"));
    }

    @Test
    void carriesSecurityHeadersAndNoCookie() {
        HttpResponse<String> page = client.visit("/");
        assertThat(Client.header(page, "content-security-policy").get(0))
                .contains("default-src 'none'", "frame-ancestors 'none'");
        assertThat(Client.header(page, "x-content-type-options")).containsExactly("nosniff");
        assertThat(Client.header(page, "set-cookie")).isEmpty();
        assertThat(Client.header(page, "permissions-policy").get(0)).contains("camera=()");
        assertThat(Client.header(page, "cross-origin-opener-policy")).containsExactly("same-origin");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "//other.example/",
                "///other.example",
                "/visit//",
                "//other.example//",
                "/%5Cother.example/",
                "/%5C%5Cother.example/",
                "/%0d%0aLocation:%20x/",
                "/%09/other.example/"
            })
    void noAddressLeadsToAnotherHost(String path) {
        String answer = client.raw(Client.SITE, "GET", path);
        assertThat(answer).contains("\r\n").doesNotStartWith("HTTP/1.1 5");
        answer.lines().filter(l -> l.startsWith("Location:")).forEach(location -> {
            String to = location.substring("Location:".length()).strip();
            assertThat(URI.create("http://" + Client.SITE + "/").resolve(to).getHost())
                    .isEqualTo(Client.SITE);
            assertThat(to).doesNotContain("\\");
        });
    }

    @Test
    void aHostNameIsTheSameInCapitalsAndWithItsDot() {
        assertThat(client.visit("Kestrel-Moor.LOCALHOST", "GET", "/").statusCode())
                .isEqualTo(200);
        assertThat(client.visit("kestrel-moor.localhost.", "GET", "/").statusCode())
                .isEqualTo(200);
        assertThat(client.visit("LocalHost.", "GET", "/api/sites").statusCode()).isEqualTo(401);
    }

    /** Whatever is not in its right form, or has moved, is one step away from what is served. */
    @ParameterizedTest
    @CsvSource({
        "/visit/, 301, /visit",
        "/Visit//getting-here/, 301, /visit/getting-here",
        "/%76isit, 301, /visit",
        "/visit/getting-here/?a=1&b=%20, 301, /visit/getting-here?a=1&b=%20",
        "/welcome-to-the-moor/, 301, /",
        "/news/-/1, 301, /news",
        "/News/-/999, 302, /news",
        "/Visit/open-nights/-/feed.atom, 301, /visit/open-nights/-/feed.atom",
        "/visit/-/feed.atom, 410, ''",
        "/visit/-/no/such, 404, ''"
    })
    void everyAddressIsOneStepFromWhatIsServed(String path, int status, String location) {
        HttpResponse<String> answer = client.visit(path);
        assertThat(answer.statusCode()).isEqualTo(status);
        assertThat(answer.headers().firstValue("location").orElse("")).isEqualTo(location);
        if (!location.isEmpty()) {
            assertThat(client.visit(location).statusCode()).isEqualTo(200);
        }
    }

    @Test
    void whatAnswersAtAnAddressIsToldAsVisitorsGetIt() {
        Client tomas = Client.signedIn(port, "tomas");
        String trail = "/api/sites/kestrel-moor/addresses/trail?path=";
        JsonNode told = json(tomas.get(trail + "http://" + Client.SITE + ":" + port + "/Visit//getting-here/?a=1"));
        assertThat(told.get("status").asInt()).isEqualTo(301);
        assertThat(told.get("location").asString()).isEqualTo("/visit/getting-here");
        assertThat(told.get("stops").findValuesAsString("kind")).containsExactly("ASKED", "RIGHT", "SERVED");
        assertThat(json(tomas.get(trail + "no/such%25thing&live=false"))
                        .get("status")
                        .asInt())
                .isEqualTo(404);
        refused(tomas.get(trail + "https://elsewhere.example/visit"), 422, "not-an-address");
        assertThat(json(tomas.get("/api/sites/kestrel-moor/addresses/leading?words=none"))
                        .get("found")
                        .asInt())
                .isZero();
    }

    @Test
    void redirectsRefusesAndMissesAsTheRfcsSay() {
        assertThat(client.visit("/welcome-to-the-moor").headers().firstValue("location"))
                .contains("/");
        assertThat(client.visit("/visit/").statusCode()).isEqualTo(301);
        HttpResponse<String> missing = client.visit("/no/such/page");
        assertThat(missing.statusCode()).isEqualTo(404);
        assertThat(missing.body()).contains("There is no page here", "Kestrel Moor Observatory", "noindex");
        assertThat(client.visit("/%E0%A4").statusCode()).isIn(400, 404);
        assertThat(client.visit(Client.SITE, "POST", "/visit").statusCode()).isEqualTo(405);
        assertThat(client.visit("other.localhost", "GET", "/").statusCode()).isEqualTo(421);
        assertThat(client.visit("/-/media/../../venue.db").statusCode()).isIn(400, 404);
        assertThat(client.visit("/robots.txt").body())
                .contains("Sitemap: http://" + Client.SITE + ":" + port + "/sitemap.xml");
    }

    @Test
    void theInterfaceCanNotBeReachedUnderASitesName() {
        assertThat(client.visit("/api/me").statusCode()).isEqualTo(404);
        assertThat(client.visit(Client.SITE, "POST", "/api/sign-in").statusCode())
                .isEqualTo(405);
    }

    @Test
    void aProofNeedsItsPassAndOnlyTheInterfaceMayFrameIt() {
        Client maja = Client.signedIn(port, "maja");
        String proofs =
                maja.get("/api/sites/kestrel-moor").body().replaceAll(".*\"proofs\":\"http://[^/]*([^\"]*)\".*", "$1");
        HttpResponse<String> proof = client.visit(proofs + "page/visit?marks=1");
        assertThat(proof.body()).contains("data-s=", "/-/proof.js");
        assertThat(Client.header(proof, "content-security-policy").get(0))
                .contains("frame-ancestors http://localhost:" + port);
        assertThat(Client.header(proof, "cache-control")).containsExactly("no-store");
        String forged = proofs.replaceFirst("\\.[0-9]+\\.", ".99999999999.");
        assertThat(client.visit(forged + "page/visit").statusCode()).isEqualTo(404);
        assertThat(client.visit("/-/proof/x/page/visit").statusCode()).isEqualTo(404);
        assertThat(maja.post("/api/sign-out", "{}").statusCode()).isEqualTo(204);
        assertThat(client.visit(proofs + "page/visit?marks=1").statusCode())
                .as("no longer than the session")
                .isEqualTo(404);
    }

    @Test
    void aPageWithoutAPictureIsSharedWithOneThatSaysItsTitle() throws IOException {
        String at = shared("/privacy");
        BufferedImage image =
                ImageIO.read(new ByteArrayInputStream(client.bytes(at).body()));
        assertThat(List.of(image.getWidth(), image.getHeight())).containsExactly(1200, 630);
        int ground = image.getRGB(2, 2);
        long inked = IntStream.range(0, 1200 * 600)
                .filter(i -> image.getRGB(i % 1200, i / 1200) != ground)
                .count();
        assertThat(inked).as("there are words on it").isGreaterThan(2_000);
        assertThat(client.visit(at.replace(".png", "0.png")).statusCode()).isEqualTo(404);
        assertThat(shared("/visit")).startsWith("/-/media/");
        assertThat(shared("/site-index")).isNotEqualTo(at);
    }

    private String shared(String page) {
        return Jsoup.parse(client.visit(page).body())
                .select("meta[property=og:image]")
                .attr("content")
                .replaceFirst("^https?://[^/]+", "");
    }
}
