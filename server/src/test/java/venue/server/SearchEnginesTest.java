package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.server.telling.Telling;
import venue.store.answer.HookHosts;
import venue.store.record.By;
import venue.store.telling.Told;

/** What search engines get and are told: robots.txt, the sitemap, and what a release has changed. */
@ServerTest
class SearchEnginesTest {

    private static final String API = "/api/sites/kestrel-moor";
    private static final SiteId MOOR = new SiteId("kestrel-moor");
    private static final List<JsonNode> GOT = new CopyOnWriteArrayList<>();
    private static HttpServer OTHER;
    private static final AtomicInteger FAILING = new AtomicInteger(1);

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    @Autowired
    private Telling telling;

    @Autowired
    private Told told;

    @Autowired
    private HookHosts hosts;

    @DynamicPropertySource
    static void standIn(DynamicPropertyRegistry set) throws IOException {
        OTHER = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        OTHER.createContext("/there", asked -> {
            asked.sendResponseHeaders(200, -1);
            asked.close();
        });
        OTHER.createContext("/indexnow", asked -> {
            JsonNode message =
                    JsonMapper.shared().readTree(asked.getRequestBody().readAllBytes());
            boolean fails = FAILING.getAndDecrement() > 0;
            if (!fails) {
                GOT.add(message);
            }
            asked.sendResponseHeaders(fails ? 429 : 202, -1);
            asked.close();
        });
        OTHER.start();
        set.add("venue.indexnow", () -> "http://127.0.0.1:" + OTHER.getAddress().getPort() + "/indexnow");
    }

    private String live(String path, String... headers) {
        return stranger.visit(Client.SITE, "GET", path, headers).body();
    }

    private void release(String... items) {
        json(maja.post(API + "/releases", Client.json("items", List.of(items), "note", "")));
    }

    private static List<String> addresses(JsonNode message) {
        List<String> all = new ArrayList<>();
        message.get("urlList").forEach(a -> all.add(a.asString().replaceAll("^https?://[^/]+", "")));
        return all;
    }

    @Test
    void aReleaseIsToldUntilItIsTakenAndThenOnlyWhatItChanged() {
        hosts.allow(new By(new PersonId("ines"), "192.0.2.7"), null, "127.0.0.1", true);
        json(maja.give("set-value", "item", "site", "key", "tellsChanges", "value", true));
        assertThat(json(maja.get(API + "/telling")).get("tells").asBoolean()).isFalse();
        release("site");
        telling.look();
        JsonNode failed = json(maja.get(API + "/telling"));
        assertThat(failed.get("says").asString()).isEqualTo("it answered 429");
        assertThat(failed.get("waits").asBoolean()).isTrue();
        assertThat(GOT).isEmpty();
        Told.State state = told.state(MOOR);
        told.keep(MOOR, new Told.State(state.release(), state.at(), 0, state.failures(), null, ""));
        json(maja.give("set-title", "page", "visit", "title", "Visit us"));
        release("visit");
        telling.look();
        JsonNode all = GOT.remove(0);
        assertThat(addresses(all)).contains("/", "/visit").doesNotContain("/members");
        assertThat(live("/" + all.get("key").asString() + ".txt"))
                .isEqualTo(all.get("key").asString());
        assertThat(all.get("keyLocation").asString())
                .endsWith("/" + all.get("key").asString() + ".txt");
        json(maja.give("set-title", "page", "glossary", "title", "Words"));
        json(maja.give("withdraw-page", "page", "night-walks", "withdrawn", true));
        release("glossary", "night-walks");
        telling.look();
        assertThat(addresses(GOT.remove(0)))
                .as("came, went or changed")
                .contains("/learn/glossary", "/learn/night-walks")
                .doesNotContain("/visit");
        telling.look();
        assertThat(GOT).isEmpty();
    }

    @Test
    void aRuleForRobotsIsTriedBeforeItIsLiveAndThenLeavesPagesOut() {
        assertThat(maja.give(
                                "set-value",
                                "item",
                                "site",
                                "key",
                                "robots",
                                "value",
                                List.of(Map.of("path", "learn", "agent", "*", "way", "disallow")))
                        .statusCode())
                .isEqualTo(422);
        json(maja.give("set-value", "item", "site", "key", "robots", "value", List.of(Map.of("path", "/learn/s*s$"))));
        JsonNode may = json(maja.get(API + "/robots/may?robot=Somebot&address=/learn/schools"));
        assertThat(may.get("may").asBoolean()).isFalse();
        assertThat(may.get("rule").asString()).isEqualTo("Disallow: /learn/s*s$");
        assertThat(maja.get(API + "/robots/may?address=learn").statusCode()).isEqualTo(422);
        assertThat(json(maja.get(API + "/robots")).get("waits").asBoolean()).isTrue();
        assertThat(live("/robots.txt")).doesNotContain("/learn");
        assertThat(live("/sitemap.xml")).contains("/learn/schools<");
        JsonNode odd = json(maja.get(API + "/sitemap?show=ODDS")).get("rows");
        assertThat(odd.toString()).contains("robots may not fetch it", "\"GOES\"");
        release("site");
        assertThat(live("/robots.txt")).contains("Disallow: /learn/s*s$");
        assertThat(live("/sitemap.xml")).doesNotContain("/learn/schools<");
    }

    @Test
    void linksToOtherSitesAreLookedAtWhenItIsAskedFor() throws InterruptedException {
        hosts.allow(new By(new PersonId("ines"), "192.0.2.7"), null, "127.0.0.1", true);
        String base = "http://127.0.0.1:" + OTHER.getAddress().getPort();
        json(maja.give(
                "set-value",
                "item",
                "glossary",
                "section",
                "glossary-main1",
                "element",
                "e1",
                "key",
                "text",
                "value",
                "<p><a href=\"" + base + "/there\">The well</a> <a href=\"" + base + "/gone\">The mill</a></p>"));
        assertThat(json(maja.get(API + "/survey/outside")).get("links").asInt()).isGreaterThanOrEqualTo(2);
        json(maja.post(API + "/survey/outside", ""));
        while (json(maja.get(API + "/survey/outside")).get("done") != null
                && !json(maja.get(API + "/survey/outside")).get("done").isNull()) {
            Thread.sleep(20);
        }
        assertThat(json(maja.get(API + "/survey")).get("findings").toString())
                .contains("Links to " + base + "/gone: nothing is there (404).")
                .doesNotContain(base + "/there: ");
    }

    @Test
    void theSitemapIsSentCompressedAndOnlyWhereItHasChanged() {
        HttpResponse<String> whole = stranger.visit(Client.SITE, "GET", "/sitemap.xml");
        String tag = whole.headers().firstValue("ETag").orElseThrow();
        assertThat(whole.headers().firstValue("Content-Type")).hasValue("application/xml;charset=utf-8");
        assertThat(stranger.visit(Client.SITE, "GET", "/sitemap.xml", "If-None-Match", tag)
                        .statusCode())
                .isEqualTo(304);
        HttpResponse<String> zipped = stranger.visit(Client.SITE, "GET", "/sitemap.xml", "Accept-Encoding", "gzip");
        assertThat(zipped.headers().firstValue("Content-Encoding")).hasValue("gzip");
        assertThat(zipped.headers().firstValue("ETag")).isPresent().isNotEqualTo(java.util.Optional.of(tag));
        assertThat(stranger.visit(Client.SITE, "GET", "/sitemap-2.xml").statusCode())
                .isEqualTo(404);
    }
}
