package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Walks the demo's public site as a crawler would. */
@SharedServerTest
class DemoSiteTest {

    private static final int MOST_BYTES = 60 * 1024;
    private static final int MOST_SENT = 16 * 1024;

    @LocalServerPort
    private int port;

    @As
    private Client client;

    private String origin = "";

    @BeforeEach
    void begin() {
        origin = "http://" + Client.SITE + ":" + port;
    }

    @Test
    void everyAddressInTheSitemapAnswersWithItselfAsCanonical() {
        for (String address : sitemap()) {
            HttpResponse<String> page = client.visit(address.substring(origin.length()));
            assertThat(page.statusCode()).as(address).isEqualTo(200);
            assertThat(Jsoup.parse(page.body()).select("link[rel=canonical]").attr("href"))
                    .isEqualTo(address);
        }
    }

    @Test
    void nothingLinkedIsMissingAndEveryPageFoundThatMayBeIndexedIsInTheSitemap() {
        Set<String> seen = new LinkedHashSet<>(List.of("/"));
        Deque<String> ahead = new ArrayDeque<>(seen);
        sitemap().forEach(a -> ahead.add(a.substring(origin.length())));
        Set<String> indexable = new LinkedHashSet<>();
        while (!ahead.isEmpty()) {
            String path = ahead.poll();
            HttpResponse<String> answer = client.visit(path);
            assertThat(answer.statusCode()).as(path).isEqualTo(200);
            if (answer.headers().firstValue("content-type").orElse("").startsWith("text/html")) {
                Document page = checked(path, answer.body());
                if (page.select("meta[name=robots][content=noindex]").isEmpty()) {
                    indexable.add(origin + path);
                }
                found(page).stream().filter(seen::add).forEach(ahead::add);
            }
        }
        assertThat(sitemap()).containsExactlyInAnyOrderElementsOf(indexable);
        assertThat(indexable).hasSizeGreaterThanOrEqualTo(25);
    }

    private Document checked(String path, String html) {
        Parser parser = Parser.htmlParser().setTrackErrors(10);
        Document page = parser.parseInput(html, "");
        assertThat(parser.getErrors()).as("valid HTML at " + path).isEmpty();
        int styles = page.select("link[rel=stylesheet]").stream()
                .mapToInt(l -> gzipped(client.visit(l.attr("href")).body()))
                .sum();
        assertThat(gzipped(html) + styles).as("weight of " + path).isBetween(styles + 1, MOST_BYTES);
        assertThat(page.select("h1")).as("h1 of " + path).hasSize(1);
        assertThat(
                        page.select(
                                "script:not([src='/-/notices.js'], [src='/-/menu.js'], [src='/-/search.js'], [src='/-/filling.js'], [src='/-/basket.js'], [src='/-/rating.js'], [type='application/ld+json']), [style], [onclick]"))
                .isEmpty();
        assertThat(page.select("img:not([alt]), img:not([width])")).isEmpty();
        return page;
    }

    private static int gzipped(String text) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
            gzip.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.size();
    }

    private static Set<String> found(Document page) {
        Set<String> found = new LinkedHashSet<>();
        page.select("a[href^=/]").forEach(a -> found.add(a.attr("href").replaceAll("#.*", "")));
        page.select("link[rel=stylesheet]").forEach(l -> found.add(l.attr("href")));
        for (Element img : page.select("img")) {
            found.add(img.attr("src"));
            for (String source : img.attr("srcset").split(", ")) {
                if (!source.isEmpty()) {
                    found.add(source.split(" ")[0]);
                }
            }
        }
        return found;
    }

    /** What stands around a proof is its own; header, main and footer are byte for byte what visitors get. */
    @Test
    void aProofWithoutMarksIsWhatVisitorsGet() {
        Client maja = Client.signedIn(port, "maja");
        String proofs =
                maja.get("/api/sites/kestrel-moor").body().replaceAll(".*\"proofs\":\"http://[^/]*([^\"]*)\".*", "$1");
        List<String> pages =
                Answers.json(maja.get("/api/sites/kestrel-moor/news")).get("plan").get("rows").findValues("id").stream()
                        .map(JsonNode::asString)
                        .toList();
        int compared = 0;
        for (String page : pages) {
            String proof = client.visit(proofs + "page/" + page + "?of=live&as=stranger")
                    .body();
            String address = Jsoup.parse(proof).select("link[rel=canonical]").attr("href");
            if (address.startsWith(origin)) {
                String live = client.visit(address.substring(origin.length())).body();
                assertThat(within(proof)).as(address).isEqualTo(within(live)).contains("<main");
                compared++;
            }
        }
        assertThat(compared).isGreaterThan(30);
    }

    /** Header, main and footer, each where the page's frame has it. */
    private static String within(String html) {
        return Stream.of("header", "main", "footer")
                .map(part -> html.indexOf("<" + part) < 0
                        ? ""
                        : html.substring(html.indexOf("<" + part), html.lastIndexOf("</" + part + ">")))
                .collect(Collectors.joining())
                // What is written to visitors to the minute is not written where nothing is sent.
                .replaceAll("(name=\"-stamp\" value=\")[^\"]*", "$1");
    }

    @Test
    void stylesheetAndPageTogetherStayLightAndItsFontsAreThere() {
        String home = client.visit("/").body();
        String css = client.visit(
                        Jsoup.parse(home).select("link[rel=stylesheet]").attr("href"))
                .body();
        assertThat(gzipped(css) + gzipped(home)).as("as they are sent").isLessThan(MOST_SENT);
        Pattern.compile("url\\(([^)]+)\\)")
                .matcher(css)
                .results()
                .forEach(font ->
                        assertThat(client.visit(font.group(1)).statusCode()).isEqualTo(200));
    }

    private List<String> sitemap() {
        return Jsoup.parse(client.visit("/sitemap.xml").body(), "", Parser.xmlParser())
                .select("url > loc")
                .eachText();
    }
}
