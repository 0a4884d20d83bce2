package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import venue.core.basics.item.SiteId;
import venue.store.answer.FormSeal;
import venue.store.letter.Subscriber;
import venue.store.letter.Subscriber.Stands;
import venue.store.letter.Subscribers;

/** Letters and lists over HTTP: what is refused, and that a link alone does nothing. */
@ServerTest
class LettersTest {

    private static final SiteId MOOR = new SiteId("kestrel-moor");
    private static final String LIST = "letters-form";
    private static final String LETTERS = "/api/sites/kestrel-moor/letters";
    private static final String READERS = "/api/sites/kestrel-moor/subscribers/" + LIST;

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    @As("tomas")
    private Client tomas;

    @Autowired
    private Subscribers subscribers;

    @Autowired
    private FormSeal seal;

    private Subscriber of(String email) {
        return subscribers.byEmail(MOOR, LIST, email).orElseThrow();
    }

    private String token(Subscriber one) {
        return one.id() + "." + seal.of("letters " + one.id());
    }

    private HttpResponse<String> open(String token) {
        return stranger.knownBy("", "/-/letters?token=" + token);
    }

    @Test
    void somebodySubscribesConfirmsByAButtonAndLeavesByOneClick() {
        String stamp = Jsoup.parse(stranger.knownBy("", "/news").body())
                .select("#form-letters-form input[name=-stamp]")
                .val();
        HttpResponse<String> sent = stranger.form(
                "/news", "-form=" + LIST + "&-stamp=" + stamp + "&letters-to=Una%40moor-post.example&letters-yes=yes");
        assertThat(sent.statusCode()).isEqualTo(303);
        Subscriber una = of("una@moor-post.example");
        assertThat(una.proof()).contains("“News”", "Send me letters");
        assertThat(open(token(una)).body()).contains("una@moor-post.example", "Yes, send me letters");
        assertThat(of(una.email()).stands()).as("a link opened").isEqualTo(Stands.ASKED);
        assertThat(stranger.form("/-/letters", "what=confirm&token=" + token(una))
                        .statusCode())
                .isEqualTo(303);
        assertThat(of(una.email()).stands()).isEqualTo(Stands.IN);
        HttpResponse<String> left = stranger.form("/-/letters?token=" + token(una), "List-Unsubscribe=One-Click");
        assertThat(left.statusCode()).isEqualTo(200);
        assertThat(of(una.email()).stands()).isEqualTo(Stands.OUT);
        assertThat(open(token(una)).body()).contains("No more letters come to");
        subscribers.confirm(una.id());
        String parts = "--x\r\nContent-Disposition: form-data; name=\"List-Unsubscribe\"\r\n\r\nOne-Click\r\n--x--\r\n";
        assertThat(stranger.form(
                                "/-/letters?token=" + token(una),
                                "multipart/form-data; boundary=x",
                                parts.getBytes(StandardCharsets.US_ASCII))
                        .statusCode())
                .isEqualTo(200);
        assertThat(of(una.email()).stands()).as("as parts").isEqualTo(Stands.OUT);
        assertThat(open(una.id() + ".forged").statusCode()).isEqualTo(410);
        assertThat(stranger.form("/-/letters?token=x.y", "List-Unsubscribe=One-Click")
                        .statusCode())
                .isEqualTo(410);
        assertThat(stranger.form(
                                "/-/letters",
                                "what=confirm&token=" + token(una),
                                "Origin",
                                "http://elsewhere.example",
                                "Sec-Fetch-Site",
                                "cross-site")
                        .statusCode())
                .isEqualTo(403);
        JsonNode read = json(maja.post(
                READERS + "/read",
                Client.json("text", "E-mail\nuna@moor-post.example", "agreed", "On paper", "take", true)));
        assertThat(read.get("fresh").asInt()).as("who left stays away").isZero();
        assertThat(of(una.email()).stands()).isEqualTo(Stands.OUT);
    }

    @Test
    void aTableBringsInThoseOfWhomItIsSaidHowTheyAgreed() {
        String text = "E-mail,Name,Agreed\nnew@moor-post.example,=1+1,On paper\nbare@moor-post.example,,\nno address,,";
        JsonNode looked = json(maja.post(READERS + "/read", Client.json("text", text, "agreed", "", "take", false)));
        assertThat(List.of(looked.get("fresh").asInt(), looked.get("refused").asInt()))
                .containsExactly(1, 2);
        assertThat(subscribers.byEmail(MOOR, LIST, "new@moor-post.example")).isEmpty();
        json(maja.post(READERS + "/read", Client.json("text", text, "agreed", "", "take", true)));
        assertThat(of("new@moor-post.example").stands()).isEqualTo(Stands.IN);
        assertThat(maja.get(READERS + "/table").body())
                .contains("new@moor-post.example,'=1+1,in")
                .contains("Brought in: On paper");
        refused(
                maja.post(READERS + "/read", Client.json("text", "Name\nUna", "agreed", "", "take", false)),
                422,
                "no-column");
        json(maja.post(
                READERS + "/remove",
                Client.json("ids", List.of(of("new@moor-post.example").id().text()))));
        assertThat(json(maja.get(READERS + "?q=new%40moor")).get("found").asInt())
                .isZero();
    }

    private static String wording(String page, String listing, String since) {
        return "{\"list\":\"" + LIST + "\",\"subject\":\"News\",\"lead\":\"\",\"page\":\"" + page + "\""
                + (since.isEmpty() ? "" : ",\"listing\":\"" + listing + "\",\"since\":\"" + since + "\"") + "}";
    }

    private JsonNode begun(String wording) {
        return json(maja.post(LETTERS, wording));
    }

    @Test
    void lettersAreManagersWorkAndAreRefusedWithTheWayOut() {
        refused(tomas.get(LETTERS), 403, "managers-only");
        refused(tomas.get(READERS), 403, "managers-only");
        JsonNode letter = begun(wording("visit", "", ""));
        String at = LETTERS + "/" + letter.at("/row/id").asString();
        refused(maja.post(at + "/send", "{}"), 409, "no-mail");
        refused(maja.post(at + "/test", "{}"), 409, "no-mail");
        assertThat(stranger.knownBy("", letter.get("shown").asString()).body()).contains("Getting here");
        assertThat(stranger.knownBy("", letter.get("shown").asString() + "x").statusCode())
                .isEqualTo(404);
        String written = "{\"wording\":" + wording("visit", "", "") + ",\"seen\":\"%s\"}";
        refused(maja.post(at, written.formatted("2020-01-01T00:00:00Z")), 409, "letter-written-meanwhile");
        refused(maja.post(at, written.formatted("x").replace("News", "N".repeat(151))), 422, "too-long");
        refused(maja.post(at + "/pace", "{\"rate\":0}"), 422, "bad-rate");
        refused(maja.post(at + "/stop", "{}"), 409, "letter-on-its-way");
        refused(maja.post(LETTERS, wording("news", "", "yesterday")), 422, "bad-day");
        assertThat(begun(wording("dark-sky-camping", "", "")).get("cannot").asString())
                .as("a draft is nobody’s letter")
                .contains("is not live");
        assertThat(begun(wording("news", "none", "2026-01-01")).get("cannot").asString())
                .contains("no such listing");
        JsonNode news = begun(wording("news", "", "2000-01-01"));
        assertThat(news.get("told").asInt()).isEqualTo(8);
        json(maja.post(LETTERS + "/" + news.at("/row/id").asString() + "/remove", "{}"));
        refused(maja.get(LETTERS + "/" + news.at("/row/id").asString()), 404, "unknown-letter");
        assertThat(json(maja.get(LETTERS)).get("lists").get(0).get("in").asInt())
                .isGreaterThan(30);
        assertThat(Map.of("sent", json(maja.get(LETTERS)).get("letters").size()).get("sent"))
                .isGreaterThan(4);
    }
}
