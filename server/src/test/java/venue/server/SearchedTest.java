package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Looking for something on the demo's public site. */
@ServerTest
class SearchedTest {

    @LocalServerPort
    private int port;

    @As
    private Client client;

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
        assertThat(search(said("🔭")).select(".tally").text()).isEqualTo("Nothing says “🔭”.");
    }

    @Test
    void whatIsNotOnTheSiteIsNotFound() {
        // A draft of the demo's, which visitors don't have.
        assertThat(search(said("\"Dark-sky camping\"")).select(".results a").eachText())
                .doesNotContain("Dark-sky camping");
        assertThat(search(said("search")).select(".results a[href=/search]")).isEmpty();
    }

    @Test
    void browsersAreToldHowTheSiteIsSearchedAndWhatBeginsSo() {
        Document home = Jsoup.parse(client.visit("/").body());
        String at = home.select("link[rel=search]").attr("href");
        HttpResponse<String> described = client.visit(at);
        assertThat(described.headers().firstValue("Content-Type").orElseThrow())
                .startsWith("application/opensearchdescription+xml");
        Document xml = Jsoup.parse(described.body(), "", org.jsoup.parser.Parser.xmlParser());
        assertThat(xml.select("ShortName").text().length()).isBetween(1, 16);
        List<String> templates = xml.select("Url").eachAttr("template");
        assertThat(templates).hasSize(2).allMatch(t -> t.endsWith("?q={searchTerms}"));
        JsonNode told = json(client.visit("/-/suggest?q=zurek"));
        assertThat(told.get(0).asString()).isEqualTo("zurek");
        assertThat(told.get(1).get(0).asString()).isEqualTo("Żurek comet seeker");
        assertThat(told.get(3).get(0).asString()).endsWith("/instruments/zurek-comet-seeker");
        assertThat(json(client.visit("/-/suggest?q=dark-sky+camping")).get(1))
                .as("a draft")
                .isEmpty();
        assertThat(json(client.visit("/-/suggest")).get(1)).isEmpty();
        assertThat(home.select("script[src='/-/search.js']"))
                .as("no line to type into")
                .isEmpty();
        assertThat(search("").select("script[src='/-/search.js']")).hasSize(1);
    }

    /** With the nearest page; robots and their probes aside, and what the site itself leads to first. */
    @Test
    void managersSeeWhatWasAskedForInVainUntilItIsLedOn() {
        Client maja = Client.signedIn(port, "maja");
        String inVain = "/api/sites/kestrel-moor/addresses/in-vain";
        client.visit("/meridian-circles/");
        client.visit(Client.SITE, "GET", "/no-such-link", "Referer", "http://" + Client.SITE + ":" + port + "/visit");
        client.visit(Client.SITE, "GET", "/by-a-robot", "User-Agent", "Some-Bot/1.0");
        Stream.of("/sign-in.php", "/.env", "/cgi-bin/test", "/site-admin/", "/backup.zip", "/-/nothing")
                .forEach(client::visit);
        JsonNode asked = json(maja.get(inVain)).get("rows");
        assertThat(asked.findValuesAsString("address")).containsExactly("/no-such-link", "/meridian-circles");
        assertThat(asked.findValuesAsString("title")).contains("Meridian circle");
        String page = asked.get(1).get("nearest").asString();
        json(maja.give("lead-on", "from", "/meridian-circles", "to", "page:" + page));
        assertThat(json(maja.get(inVain)).get("rows").findValuesAsString("address"))
                .containsExactly("/no-such-link");
        refused(Client.signedIn(port, "tomas").get(inVain), 403, "managers-only");
    }

    @Test
    void managersSeeWhatWasSoughtInVainAndNobodyElse() {
        search(said("Heated benches"));
        search(said("heated benches"));
        search(said("roof"));
        JsonNode sought = json(Client.signedIn(port, "maja").get("/api/sites/kestrel-moor/sought"));
        assertThat(sought.get("days").asInt()).isEqualTo(90);
        assertThat(sought.get("missed").toString())
                .contains("{\"words\":\"heated benches\",\"times\":2,\"last\":")
                .doesNotContain("roof");
        refused(Client.signedIn(port, "tomas").get("/api/sites/kestrel-moor/sought"), 403, "managers-only");
    }
}
