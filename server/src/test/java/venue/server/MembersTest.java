package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Who gets what of a site of which some is closed, and how members come in, stay and go. */
@ServerTest
class MembersTest {

    private static final String SITE = "/api/sites/kestrel-moor";
    private static final String MEMBERS = SITE + "/members";

    @LocalServerPort
    private int port;

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    @As("tomas")
    private Client tomas;

    private static String cookie(HttpResponse<String> answer) {
        return Client.header(answer, "Set-Cookie").get(0).replaceAll(";.*", "");
    }

    private String signedIn(String who) {
        HttpResponse<String> answer =
                stranger.form("/-/sign-in", "email=" + who + "@kestrel-moor.example&password=" + Client.PASSWORD);
        assertThat(answer.statusCode()).isEqualTo(303);
        assertThat(Client.header(answer, "Set-Cookie").get(0)).contains("HttpOnly; SameSite=Lax");
        return cookie(answer);
    }

    private HttpResponse<String> as(String cookie, String path) {
        return stranger.knownBy(cookie, path);
    }

    /** Every address that the site could have, and what is looked for in it. */
    private List<String> addresses() {
        List<String> addresses = new ArrayList<>(List.of(
                "/",
                "/robots.txt",
                "/sitemap.xml",
                "/search?q=trustees+papers+lease",
                "/search?q=the&page=2",
                "/-/suggest?q=tr",
                "/-/suggest?q=pap",
                "/news/-/feed.atom",
                "/members/-/feed.atom",
                "/MEMBERS",
                "/members/rota/event.ics",
                "/open-nights/-/calendar.ics"));
        json(maja.get(SITE + "/news")).get("plan").get("rows").findValues("address").stream()
                .map(JsonNode::asString)
                .forEach(addresses::add);
        return addresses;
    }

    /** All of an answer but its day. */
    private static String all(HttpResponse<String> answer) {
        return Answers.written(answer);
    }

    @Test
    void whoeverWalksTheSiteGetsWhatThoseGetWhomTheyWalkAs() {
        String pass =
                json(maja.get(SITE + "/news")).findValue("proofs").asString().replaceAll(".*/proof/|/$", "");
        Map<String, String> known =
                Map.of("stranger", "a=b", "crew", signedIn("crew"), "trustees.friends", signedIn("trustee"));
        known.forEach((as, cookie) -> {
            HttpResponse<String> begun = stranger.visit("/-/walk/" + pass + "/" + as + "/live?to=/visit");
            assertThat(Client.header(begun, "Location")).containsExactly("/visit");
            String called = as.equals("crew") ? "Crew" : "Friends and Trustees";
            for (String address : addresses()) {
                HttpResponse<String> walked = as(cookie(begun), address);
                HttpResponse<String> got = as(cookie, address);
                assertThat(walked.statusCode()).as(as + " at " + address).isEqualTo(got.statusCode());
                assertThat(Client.header(walked, "Location")).isEqualTo(Client.header(got, "Location"));
                assertThat(Jsoup.parse(walked.body()).select("main").text())
                        .as(as + " at " + address)
                        .isEqualTo(Jsoup.parse(got.body())
                                .select("main")
                                .text()
                                .replaceAll("(?<=evening|morning|afternoon), [A-Z]\\w+ [A-Z]\\w+", ", " + called));
            }
        });
        assertThat(as(cookie(stranger.visit("/-/walk/" + pass + "/crew/working")), "/")
                        .body())
                .contains("You walk the working copy as a member of Crew.");
        String walk = cookie(stranger.visit("/-/walk/" + pass + "/stranger/live"));
        assertThat(as(walk, "/-/sign-in?to=%2Fmembers").body()).contains("name=\"password\"", "You walk the live site");
        HttpResponse<String> sent = stranger.form(
                "/-/sign-in", "email=crew@kestrel-moor.example&password=" + Client.PASSWORD, "Cookie", walk);
        assertThat(sent.statusCode()).isEqualTo(403);
        assertThat(sent.body()).contains("Nothing is sent from here");
        assertThat(Client.header(sent, "Set-Cookie")).as("nobody is signed in").isEmpty();
        assertThat(stranger.visit("/-/walk/nothing/crew/working").statusCode()).isEqualTo(404);
        assertThat(Client.header(stranger.visit("/-/walk/" + pass + "/us/live?to=//evil.example/"), "Location"))
                .containsExactly("/");
    }

    /** The law over HTTP: with what strangers don't learn of and without it, they get the same bytes. */
    @Test
    void whatStrangersDoNotLearnOfMightAsWellNotBeThere() {
        assertThat(all(stranger.visit("/trustees"))).isEqualTo(all(stranger.visit("/nowhere-at-all")));
        assertThat(all(stranger.visit("/trustees/papers-of-the-year/-/feed.atom")))
                .isEqualTo(all(stranger.visit("/nowhere-at-all")));
        assertThat(stranger.visit("/members/rota").headers().firstValue("Location"))
                .contains("/-/sign-in?to=%2Fmembers%2Frota");
        Map<String, String> with = new TreeMap<>();
        addresses().stream().filter(a -> !a.startsWith("/trustees")).forEach(a -> with.put(a, all(stranger.visit(a))));
        maja.give("remove-page", "page", "trustees-papers");
        maja.give("remove-page", "page", "trustees-table");
        List<String> gone = List.of("trustees-papers", "trustees-table");
        json(maja.post(SITE + "/releases", Client.json("items", gone, "note", "")));
        with.forEach((address, answer) ->
                assertThat(all(stranger.visit(address))).as(address).isEqualTo(answer));
    }

    @Test
    void membersSignInAndComeToThePageThatTheyAskedFor() {
        String right = "email=crew@kestrel-moor.example&password=" + Client.PASSWORD + "&to=/members/rota";
        assertThat(Client.header(stranger.form("/-/sign-in", right), "Location"))
                .containsExactly("/members/rota");
        assertThat(Client.header(stranger.form("/-/sign-in", right.replace("=/mem", "=//mem")), "Location"))
                .containsExactly("/");
        HttpResponse<String> wrong = stranger.form("/-/sign-in", "email=crew@kestrel-moor.example&password=wrong");
        HttpResponse<String> nobody = stranger.form("/-/sign-in", "email=nobody@kestrel-moor.example&password=wrong");
        assertThat(wrong.statusCode()).isEqualTo(403);
        assertThat(wrong.body().replace("crew@", "nobody@")).isEqualTo(nobody.body());
        assertThat(stranger.form("/-/sign-in", right, "Origin", "https://evil.example")
                        .statusCode())
                .isEqualTo(403);
        assertThat(stranger.form("/-/sign-in", right, "Sec-Fetch-Site", "cross-site")
                        .statusCode())
                .isEqualTo(403);
        assertThat(stranger.form("/visit", right).statusCode()).isEqualTo(405);

        String crew = signedIn("crew");
        HttpResponse<String> room = as(crew, "/members");
        assertThat(room.headers().firstValue("Cache-Control")).contains("private, no-cache");
        assertThat(room.body()).contains("Noor Hollis", "the barn key");
        assertThat(as(signedIn("friend"), "/members").body()).doesNotContain("the barn key");
        assertThat(as(signedIn("friend"), "/members/rota").statusCode()).isEqualTo(403);
        assertThat(as(crew, "/search?q=dome").body()).contains("Night rota");
        assertThat(stranger.visit("/search?q=dome").body()).doesNotContain("Night rota");
        assertThat(stranger.visit("/").headers().map()).doesNotContainKey("Set-Cookie");
        assertThat(stranger.visit("/").headers().allValues("Vary")).doesNotContain("Cookie");

        HttpResponse<String> out = stranger.form("/-/sign-out", "", "Cookie", crew);
        assertThat(Client.header(out, "Set-Cookie").get(0)).contains("Max-Age=0");
        assertThat(as(crew, "/members").statusCode()).isEqualTo(302);
    }

    @Test
    void somebodyAsksIsLetInLooksAfterThemselvesAndLeaves() {
        String asked = "name=Rhona+Vale&email=rhona@vale.example&field.phone=01632";
        assertThat(stranger.form("/-/join", asked).statusCode()).isEqualTo(422);
        assertThat(stranger.form("/-/join", asked + "&consent=yes").body()).contains("Thank you.");
        JsonNode found = Stream.generate(() -> json(maja.get(MEMBERS + "?q=rhona")))
                .filter(told -> told.get("found").asInt() == 1)
                .findFirst()
                .orElseThrow()
                .get("rows")
                .get(0);
        assertThat(found.get("state").asString()).isEqualTo("UNCONFIRMED");
        String id = found.get("id").asString();
        json(maja.post(MEMBERS + "/approve", Client.json("ids", List.of(id))));
        json(maja.post(
                MEMBERS + "/regroup", Client.json("ids", List.of(id), "put", List.of("crew"), "taken", List.of())));
        String address =
                json(maja.post(MEMBERS + "/" + id + "/link", "")).get("address").asString();
        String token = address.replaceAll(".*token=", "");
        assertThat(stranger.visit("/-/sign-in?token=" + token).body()).contains("Press the button to sign in.");
        HttpResponse<String> in = stranger.form("/-/sign-in", "token=" + token);
        assertThat(stranger.form("/-/sign-in", "token=" + token).statusCode()).isEqualTo(410);
        String rhona = cookie(in);
        assertThat(as(rhona, "/members/rota").statusCode()).isEqualTo(200);
        assertThat(stranger.form("/-/my-page", "what=details&name=Rhona&field.likes=Mars", "Cookie", rhona)
                        .body())
                .contains("Saved.")
                .doesNotContain("Mars\" selected");
        assertThat(stranger.form("/-/my-page", "what=password&password=short", "Cookie", rhona)
                        .statusCode())
                .isEqualTo(422);
        assertThat(as(rhona, "/-/my-page/kept.json").body()).contains("rhona@vale.example");
        assertThat(stranger.form("/-/leave", "", "Cookie", rhona).body()).contains("go for good");
        assertThat(stranger.form("/-/leave", "sure=yes", "Cookie", rhona).body())
                .contains("Nothing is kept of you.");
        assertThat(as(rhona, "/members").statusCode()).isEqualTo(302);
        assertThat(json(maja.get(MEMBERS + "?q=rhona")).get("found").asInt()).isZero();
    }

    @Test
    void aTableTellsWhatItWouldDoBeforeItDoesItAndRemovesNobody() {
        String table = maja.get(MEMBERS + "/table").body();
        assertThat(table.lines().findFirst().orElseThrow()).contains("E-mail,Name,Groups,State");
        JsonNode same = json(maja.post(MEMBERS + "/table/take", Client.json("text", table)));
        assertThat(same.get("counts").get("NOTHING").asInt())
                .as("out and in again changes nothing")
                .isEqualTo((int) table.lines().count() - 1);
        String given = String.join(
                "\n",
                "E-mail,Name,Groups",
                "rhona@vale.example,Rhona Vale,Crew | Friends",
                "friend@kestrel-moor.example,Frieda Loft,Friends",
                "odo@vale.example,Odo,Nobodies",
                "rhona@vale.example,Again,Crew",
                "no address,Somebody,");
        JsonNode read = json(maja.post(MEMBERS + "/table/read", Client.json("text", given)));
        assertThat(read.get("rows").findValues("does").stream().map(JsonNode::asString))
                .containsExactly("REFUSED", "REFUSED", "REFUSED", "NEW", "OTHERWISE");
        assertThat(read.get("rows").findValues("why").stream().map(JsonNode::asString))
                .anyMatch(w -> w.contains("There is no group “Nobodies”"))
                .anyMatch(w -> w.contains("An earlier row is about this address"));
        assertThat(json(maja.get(MEMBERS + "?q=vale")).get("found").asInt()).isZero();
        assertThat(json(maja.post(MEMBERS + "/table/take", Client.json("text", given)))
                        .get("counts")
                        .get("NEW")
                        .asInt())
                .isEqualTo(1);
        JsonNode rhona = json(maja.get(MEMBERS + "?q=vale")).get("rows").get(0);
        assertThat(rhona.get("state").asString()).isEqualTo("ACTIVE");
        assertThat(rhona.get("groups")).hasSize(2);
        String ids = Client.json("ids", List.of(rhona.get("id").asString()));
        assertThat(json(maja.post(MEMBERS + "/remove", ids)).get("done").asInt())
                .isEqualTo(1);
        refused(maja.post(MEMBERS + "/table/read", Client.json("text", "Name\nRhona")), 422, "no-column");
        refused(
                maja.post(MEMBERS + "/table/read", Client.json("text", "E-mail,Shoes\na@b.example,9")),
                422,
                "no-column");
        refused(tomas.post(MEMBERS + "/table/take", Client.json("text", given)), 403, "managers-only");
    }

    @Test
    void whoMayNotAndWhatIsNotFitIsRefused() {
        refused(tomas.get(MEMBERS), 403, "members-hidden");
        refused(
                tomas.give(
                        "set-gate", "items", List.of("visit"), "who", "members", "groups", List.of(), "hidden", false),
                403,
                "managers-only");
        refused(tomas.give("set-value", "item", "visit", "key", "gate", "value", "members"), 403, "managers-only");
        maja.give("set-value", "item", "site", "key", "editorsSeeMembers", "value", true);
        assertThat(json(tomas.get(MEMBERS)).get("writes").asBoolean()).isFalse();
        refused(tomas.post(MEMBERS + "/remove", Client.json("ids", List.of("x"))), 403, "managers-only");
        refused(maja.post(MEMBERS + "/remove", Client.json("ids", List.of())), 422, "bad-count");
        String crew = Client.json("email", "crew@kestrel-moor.example", "name", "", "groups", List.of());
        refused(maja.post(MEMBERS + "/invite", crew), 409, "member-already");
        refused(maja.post(MEMBERS + "/invite", crew.replace("crew@", "crew ")), 422, "bad-address");
        refused(
                maja.give("set-gate", "items", List.of("welcome"), "who", "us", "groups", List.of(), "hidden", true),
                409,
                "home-closed");
        refused(
                maja.give("set-gate", "items", List.of("visit"), "who", "all", "groups", List.of(), "hidden", true),
                422,
                "bad-value");
        refused(maja.give("remove-group", "group", "crew"), 409, "group-named");
        refused(maja.post(MEMBERS + "/nobody/link", ""), 404, "unknown-member");
    }
}
