package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Looking for something on the demo's public site. */
@ServerTest
class SearchedTest {

    @LocalServerPort
    private int port;

    private Client client;

    @BeforeEach
    void begin() {
        client = new Client(port);
    }

    private Document search(String query) {
        HttpResponse<String> answer = client.visit("/search?" + query);
        assertThat(answer.statusCode()).isEqualTo(200);
        return Jsoup.parse(answer.body());
    }

    private static String said(String words) {
        return "q=" + URLEncoder.encode(words, StandardCharsets.UTF_8);
    }

    @Test
    void whatIsChosenIsAllOfItsKindAndTopicAndEveryPageOfResultsIsReached() {
        Document all = search(said("the"));
        int total = Integer.parseInt(all.select(".tally").text().replaceAll(".*: ", ""));
        String articles = all.select(".chips a[href*=kind=article]").attr("href");
        Document chosen = Jsoup.parse(client.visit(articles).body());
        assertThat(chosen.select(".results a[href]").eachAttr("href"))
                .isNotEmpty()
                .allMatch(a -> a.startsWith("/news/"));
        int seen = all.select(".results li").size();
        Document at = all;
        while (!at.select(".further a:last-child").isEmpty() && seen < total) {
            at = Jsoup.parse(client.visit(at.select(".further a:last-child").attr("href"))
                    .body());
            seen += at.select(".results li").size();
        }
        assertThat(seen).isEqualTo(total);
        assertThat(all.select("link[rel=canonical]").attr("href")).endsWith("/search");
    }

    @Test
    void whatIsTypedIsShownAsItIsAndLostNowhere() {
        String typed = "<script>alert(1)</script> \"of";
        Document page = search(said(typed));
        assertThat(page.select("main script")).isEmpty();
        assertThat(page.select("input[type=search]").attr("value")).isEqualTo(typed);
        for (String query : List.of(
                said("a".repeat(5000)),
                said("😀"),
                said("مرحبا"),
                "q=&kind=nothing",
                said("roof") + "&page=99999",
                said("roof") + "&page=-1")) {
            search(query);
        }
        assertThat(search("q=").select(".tally, .results")).isEmpty();
        assertThat(search(said("qqqqqqqq")).select(".tally").text()).isEqualTo("Nothing says “qqqqqqqq”.");
    }

    @Test
    void whatIsNotOnTheSiteIsNotFound() {
        // A draft of the demo's, which visitors don't have.
        assertThat(search(said("\"Dark-sky camping\"")).select(".results a").eachText())
                .doesNotContain("Dark-sky camping");
        assertThat(search(said("search")).select(".results a[href=/search]")).isEmpty();
    }
}
