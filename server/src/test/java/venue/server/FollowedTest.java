package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import java.net.URI;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is followed from elsewhere, held to what the standards ask. */
@SharedServerTest
class FollowedTest {

    @As
    private Client client;

    /** The address of a page's feed of a type, as its head tells it. */
    private String alternate(String page, String type) {
        Document html = Jsoup.parse(client.visit(page).body());
        return URI.create(html.select("head link[rel=alternate][type=" + type + "]")
                        .attr("href"))
                .getPath();
    }

    /** RFC 4287, 4.1.1 and 4.1.2: what a feed and an entry must have, and may have once alone. */
    @Test
    void anAtomFeedHasWhatTheStandardAsksFor() {
        HttpResponse<String> answer = client.visit(alternate("/news", "application/atom+xml"));
        assertThat(answer.headers().firstValue("content-type").orElse("")).startsWith("application/atom+xml");
        Element feed = Jsoup.parse(answer.body(), Parser.xmlParser()).selectFirst("feed");
        assertThat(feed.attr("xmlns")).isEqualTo("http://www.w3.org/2005/Atom");
        Set<String> ids = new HashSet<>();
        holds(feed, ids);
        assertThat(feed.select("> link[rel=self]").attr("href")).endsWith("/news/-/feed.atom");
        assertThat(feed.select("> author > name")).hasSize(1);
        List<Element> entries = feed.select("> entry");
        assertThat(entries).hasSizeGreaterThan(5);
        for (Element entry : entries) {
            holds(entry, ids);
            assertThat(client.visit(URI.create(entry.select("> link[rel=alternate]")
                                            .attr("href"))
                                    .getPath())
                            .statusCode())
                    .isEqualTo(200);
        }
        List<String> days =
                entries.stream().map(e -> e.select("published").text()).toList();
        assertThat(days).isSortedAccordingTo((a, b) -> b.compareTo(a)).doesNotContain("");
    }

    private static void holds(Element of, Set<String> ids) {
        for (String once : List.of("id", "title", "updated")) {
            assertThat(of.select("> " + once)).as(once).hasSize(1);
        }
        String id = of.select("> id").text();
        assertThat(URI.create(id).isAbsolute() && ids.add(id)).as(id).isTrue();
        OffsetDateTime.parse(of.select("> updated").text());
        assertThat(of.select("> link[rel=alternate]")).hasSize(1);
    }

    @Test
    void aJsonFeedSaysTheSame() {
        JsonNode feed = JsonMapper.builder()
                .build()
                .readTree(client.visit(alternate("/news", "application/feed+json"))
                        .body());
        assertThat(feed.get("version").asString()).isEqualTo("https://jsonfeed.org/version/1.1");
        assertThat(feed.get("items").size()).isGreaterThan(5);
        feed.get("items").forEach(item -> {
            assertThat(item.get("id").asString()).isNotBlank();
            assertThat(item.get("url").asString()).startsWith("http");
            Instant.parse(item.get("date_published").asString());
        });
    }

    /** Read back by the library: each coming night once, at the hour that the page says, in summer and in winter. */
    @Test
    void aCalendarIsReadBackAtTheHoursThatPagesSay() {
        String at = alternate("/visit/open-nights", "text/calendar");
        List<VEvent> events = Biweekly.parse(client.visit(at).body()).first().getEvents();
        Document page = Jsoup.parse(client.visit("/visit/open-nights").body());
        List<String> said = page.select(".agenda time").eachAttr("datetime");
        assertThat(events).hasSameSizeAs(said);
        assertThat(events.stream()
                        .map(e -> LocalDateTime.ofInstant(
                                        e.getDateStart().getValue().toInstant(), ZoneId.of("Europe/London"))
                                .toString()))
                .containsExactlyElementsOf(said);
        assertThat(Biweekly.parse(client.visit(at).body()).first().validate(biweekly.ICalVersion.V2_0))
                .isEmpty();
        String one = events.get(0).getUrl().getValue();
        HttpResponse<String> single = client.visit(URI.create(one).getPath() + "/-/event.ics");
        assertThat(Biweekly.parse(single.body()).first().getEvents()).hasSize(1);
        assertThat(single.headers().firstValue("content-disposition").orElse(""))
                .contains("attachment");
    }

    /** Parsed back: every page tells its way, and what its kind means, from its own fields. */
    @Test
    void linkedDataIsParsedBack() {
        Map<String, JsonNode> night = told(client.visit("/visit/open-nights").body(), "/visit/open-nights");
        assertThat(night.get("BreadcrumbList").get("itemListElement").size()).isEqualTo(2);
        String at = "/visit/open-nights/saturn-s-late-show";
        Document list = Jsoup.parse(client.visit("/visit/open-nights").body());
        String first = list.select(".agenda .h a").first().attr("href");
        Map<String, JsonNode> event = told(client.visit(first).body(), at);
        String when = list.select(".agenda time").first().attr("datetime");
        OffsetDateTime start =
                OffsetDateTime.parse(event.get("Event").get("startDate").asString());
        assertThat(start.toLocalDateTime().toString()).isEqualTo(when);
        Map<String, JsonNode> article =
                told(client.visit("/news/a-comet-in-the-net").body(), "");
        assertThat(article.get("Article").get("headline").asString()).isEqualTo("A comet in the net");
        assertThat(told(client.visit("/").body(), "/"))
                .containsKey("Organization")
                .doesNotContainKey("BreadcrumbList");
        assertThat(told(client.visit("/people/maja-akerlund").body(), "")
                        .get("Person")
                        .get("jobTitle")
                        .asString())
                .isEqualTo("Director");
    }

    private static Map<String, JsonNode> told(String html, String as) {
        Map<String, JsonNode> told = new TreeMap<>();
        Jsoup.parse(html).select("script[type=application/ld+json]").forEach(block -> {
            JsonNode thing = JsonMapper.builder().build().readTree(block.data());
            assertThat(thing.get("@context").asString()).as(as).isEqualTo("https://schema.org");
            told.put(thing.get("@type").asString(), thing);
        });
        return told;
    }

    /** What may have been there once leads on, or says that it is gone; where there is no page, there is nothing. */
    @ParameterizedTest
    @CsvSource({
        "/people/-/feed.atom, 410",
        "/news/-/other/feed.atom, 410",
        "/news/-/event.ics, 410",
        "/no/-/feed.json, 404",
        "/news/-/2, 302",
        "/news/-/1, 301"
    })
    void whatCantBeFollowedOrTurnedToIsNotServed(String path, int status) {
        assertThat(client.visit(path).statusCode()).isEqualTo(status);
    }
}
