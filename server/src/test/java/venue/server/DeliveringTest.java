package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.item.PersonId;
import venue.store.answer.HookHosts;
import venue.store.record.By;

/** The server delivers by itself, tells a content network what is another now, and says where it lags. */
@ServerTest
@TestPropertySource(properties = "venue.metrics-token=a token for tests")
class DeliveringTest {

    private static final String API = "/api/sites/kestrel-moor/deliveries";
    private static final String ADDRESS = "https://www.kestrel-moor.example";
    private static final Pattern ASKED = Pattern.compile("data-ask=\"http://" + Client.SITE + "(/[^\"]+)\"");
    private static final String SECRET = "a-secret-of-the-network";

    @TempDir
    Path top;

    @Autowired
    private HookHosts hosts;

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    private final List<JsonNode> told = new CopyOnWriteArrayList<>();
    private final AtomicInteger failing = new AtomicInteger();

    private JsonNode delivery() {
        return json(maja.get(API)).get("all").get(0);
    }

    @AfterEach
    void forget() {
        json(maja.get(API))
                .get("all")
                .forEach(d -> maja.post(API + "/" + d.get("id").asString() + "/remove", "{}"));
    }

    private JsonNode stands(int release) {
        Awaitility.await()
                .atMost(Duration.ofMinutes(2))
                .until(() -> delivery().at("/stands/release").asInt() == release
                        && delivery().at("/stands/doing").isMissingNode());
        return delivery().get("stands");
    }

    private HttpServer network() throws Exception {
        HttpServer network = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        network.createContext("/changed", asked -> {
            boolean takes = asked.getRequestMethod().equals("PUT")
                    && SECRET.equals(asked.getRequestHeaders().getFirst("X-Key"))
                    && failing.getAndDecrement() <= 0;
            if (takes) {
                told.add(JsonMapper.shared().readTree(asked.getRequestBody()));
            }
            asked.sendResponseHeaders(takes ? 204 : 500, -1);
            asked.close();
        });
        network.start();
        return network;
    }

    private String asked(String call, String server) {
        return Delivered.asked(
                "Far away",
                top.resolve("to").toString(),
                ADDRESS,
                server,
                Map.of("address", call, "method", "PUT", "headers", call.isEmpty() ? List.of() : List.of("X-Key")),
                Map.of("X-Key", SECRET));
    }

    @Test
    void aReleaseGoesByItselfAndAContentNetworkIsToldUntilItTakesIt() throws Exception {
        HttpServer network = network();
        hosts.allow(new By(new PersonId("ines"), "192.0.2.7"), null, "127.0.0.1", true);
        try {
            json(maja.post(API, asked("http://127.0.0.1:" + network.getAddress().getPort() + "/changed", "")));
            int release = stands(1).get("release").asInt();
            Awaitility.await().until(() -> told.size() == 1);
            assertThat(told.remove(0).get("addresses").size()).isPositive();
            assertThat(maja.get(API).body()).doesNotContain(SECRET);
            json(maja.give("set-value", "item", "glossary", "key", "summary", "value", "What words mean here"));
            failing.set(1);
            json(maja.post("/api/sites/kestrel-moor/releases", Client.json("items", List.of("glossary"), "note", "")));
            Awaitility.await()
                    .atMost(Duration.ofMinutes(1))
                    .until(() -> delivery().at("/stands/trouble").isObject());
            assertThat(delivery().at("/stands/trouble/says").asString()).contains("answered 500");
            assertThat(told).isEmpty();
            assertThat(json(stranger.get("/-/health")).get("lagging").get(0).asString())
                    .isEqualTo("kestrel-moor/Far away");
            assertThat(stranger.visit("localhost", "GET", "/-/metrics", "Authorization", "Bearer a token for tests")
                            .body())
                    .contains("venue_deliveries_lagging 1.0")
                    .contains("venue_delivery_lagging{");
            json(maja.post(API + "/" + delivery().get("id").asString() + "/again", "{}"));
            Awaitility.await().atMost(Duration.ofMinutes(1)).until(() -> told.size() == 1);
            assertThat(told.get(0).get("addresses").toString())
                    .contains("/learn/glossary\"")
                    .doesNotContain("volunteer");
            Awaitility.await().until(() -> !delivery().at("/stands/trouble").isObject());
            assertThat(json(stranger.get("/-/health")).has("lagging")).isFalse();
            assertThat(Files.readString(top.resolve("to/learn/glossary/index.html")))
                    .contains("What words mean here");
            assertThat(release).isEqualTo(1);
        } finally {
            network.stop(0);
        }
    }

    @Test
    void whatTheServerAloneAnswersIsAskedForThereByName() throws Exception {
        json(maja.post(API, asked("", "http://" + Client.SITE)));
        stands(1);
        Map<String, String> parts = new TreeMap<>();
        try (Stream<Path> files = Files.walk(top.resolve("to"))) {
            for (Path file : files.filter(f -> f.endsWith("index.html")).toList()) {
                ASKED.matcher(Files.readString(file))
                        .results()
                        .forEach(m -> parts.put(
                                m.group(1).replace("&amp;", "&"),
                                top.resolve("to").relativize(file.getParent()).toString()));
            }
        }
        assertThat(parts.values())
                .contains("contact", "search", "book-a-place", "news/a-comet-in-the-net")
                .allMatch(page -> !page.startsWith("-"));
        List<String> wrong = new ArrayList<>();
        parts.forEach((part, page) -> {
            HttpResponse<String> answer = live(part, ADDRESS);
            boolean shows = answer.statusCode() == 200 && !answer.body().contains("data-ask");
            // Where nobody may comment there is nothing.
            if (!shows && !page.startsWith("visit/open-nights/")) {
                wrong.add(part + " " + answer.statusCode() + " " + answer.body());
            }
        });
        assertThat(wrong).isEmpty();
        String contact = parts.keySet().stream()
                .filter(k -> k.contains("=/contact&section=contact"))
                .findFirst()
                .orElseThrow();
        HttpResponse<String> ours = live(contact, ADDRESS);
        assertThat(Client.header(ours, "Access-Control-Allow-Origin")).containsExactly(ADDRESS);
        assertThat(Client.header(ours, "Vary")).contains("Origin");
        assertThat(ours.body()).contains("action=\"http://" + Client.SITE);
        assertThat(Client.header(live(contact, "https://other.example"), "Access-Control-Allow-Origin"))
                .isEmpty();
        String sent = "x=y";
        assertThat(stranger.form("/contact", sent, "Origin", ADDRESS, "Sec-Fetch-Site", "cross-site")
                        .statusCode())
                .as("it is looked at")
                .isEqualTo(405);
        assertThat(stranger.form("/contact", sent, "Origin", "https://other.example", "Sec-Fetch-Site", "cross-site")
                        .statusCode())
                .isEqualTo(403);
        assertThat(stranger.form("/-/sign-in", sent, "Origin", ADDRESS, "Sec-Fetch-Site", "cross-site")
                        .statusCode())
                .as("members sign in here alone")
                .isEqualTo(403);
        assertThat(live(contact.replace("element=", "element=none"), ADDRESS).statusCode())
                .isEqualTo(404);
        assertThat(live(contact.replace("at=/contact", "at=/members"), ADDRESS).statusCode())
                .isEqualTo(404);
        assertThat(live(contact.replaceAll("&element.*", ""), ADDRESS).statusCode())
                .isEqualTo(404);
        assertThat(live(contact + "x".repeat(500), ADDRESS).statusCode()).isEqualTo(404);
    }

    private HttpResponse<String> live(String part, String from) {
        return stranger.visit(Client.SITE, "GET", part, "Origin", from);
    }
}
