package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import venue.core.basics.item.SiteId;
import venue.server.signin.Throttle;
import venue.store.member.Member;
import venue.store.member.Members;

/** The ways of members over HTTP: a forgotten password, signing up, their sessions, what is kept of them, and how they are shut out. */
@ServerTest
class MemberWaysTest {

    private static final SiteId MOOR = new SiteId("kestrel-moor");
    private static final String SITE = "/api/sites/kestrel-moor";
    private static final String API = SITE + "/members";
    private static final String NEW = "a-much-longer-night";

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    @Autowired
    private Members members;

    @Autowired
    private Throttle throttle;

    private static String email(String who) {
        return who + "@kestrel-moor.example";
    }

    private Member member(String who) {
        return members.byEmail(MOOR, email(who)).orElseThrow();
    }

    private HttpResponse<String> signsIn(String who, String password) {
        return stranger.form("/-/sign-in", "email=" + email(who) + "&password=" + password);
    }

    private static String cookie(HttpResponse<String> answer) {
        return Client.header(answer, "Set-Cookie").get(0).replaceAll(";.*", "");
    }

    private HttpResponse<String> mine(String cookie, String form) {
        return stranger.form("/-/my-page", form, "Cookie", cookie);
    }

    private static String alert(HttpResponse<String> answer) {
        return Jsoup.parse(answer.body()).select("[role=alert]").text();
    }

    @Test
    void aForgottenPasswordIsSetOnceByTheLinkAndEndsEverySession() {
        String before = cookie(signsIn("friend", Client.PASSWORD));
        String token = members.entry().passwordLink(member("friend"));
        HttpResponse<String> opened = stranger.visit("/-/forgotten?token=" + token);
        assertThat(opened.headers().firstValue("Cache-Control")).contains("no-store");
        assertThat(Jsoup.parse(opened.body()).select("[name=token]").val()).isEqualTo(token);
        for (String unfit : List.of("short", "kestrel-moor", email("friend"))) {
            HttpResponse<String> refused = stranger.form("/-/forgotten", "token=" + token + "&password=" + unfit);
            assertThat(refused.statusCode()).as(unfit).isEqualTo(422);
            assertThat(alert(refused)).as(unfit).isNotBlank();
            assertThat(Jsoup.parse(refused.body()).select("[name=token]").val())
                    .as("it can be tried again")
                    .isEqualTo(token);
        }
        assertThat(stranger.form("/-/forgotten", "token=" + token + "&password=" + NEW)
                        .statusCode())
                .isEqualTo(200);
        assertThat(stranger.form("/-/forgotten", "token=" + token + "&password=" + NEW + "x")
                        .statusCode())
                .as("the same link again")
                .isEqualTo(410);
        assertThat(stranger.knownBy(before, "/members").statusCode()).isEqualTo(302);
        assertThat(signsIn("friend", Client.PASSWORD).statusCode()).isEqualTo(403);
        assertThat(signsIn("friend", NEW).statusCode()).isEqualTo(303);
    }

    @Test
    void whoeverAsksForALinkIsToldTheSameWhetherTheyAreKnownOrNot() {
        Map<String, String> forms = Map.of(
                "/-/forgotten",
                "email=%s",
                "/-/sign-in",
                "email=%s&way=link",
                "/-/join",
                "email=%s&name=A&consent=yes");
        forms.forEach((at, form) -> {
            HttpResponse<String> known = stranger.form(at, form.formatted(email("trustee")));
            HttpResponse<String> unknown = stranger.form(at, form.formatted(email("nobody")));
            assertThat(known.statusCode())
                    .as(at)
                    .isEqualTo(unknown.statusCode())
                    .isEqualTo(200);
            assertThat(known.body().replace("trustee@", "nobody@")).as(at).isEqualTo(unknown.body());
        });
    }

    @Test
    void whoeverMayJoinByThemselvesIsInWhenTheirAddressIsConfirmedAndOthersWait() {
        json(maja.give("set-value", "item", "site", "key", "joinWay", "value", "domains"));
        json(maja.give("set-value", "item", "site", "key", "joinDomains", "value", "vale.example"));
        String items = Client.json("items", List.of("site"), "note", "");
        json(maja.post(SITE + "/releases", items));
        for (String address : List.of("rhona@vale.example", "odo@vale.example.evil.example")) {
            String token = members.entry()
                    .ask(MOOR, address, "Rhona Vale", Map.of())
                    .orElseThrow()
                    .token();
            HttpResponse<String> opened = stranger.visit("/-/confirm?token=" + token);
            assertThat(opened.body()).as("a machine that opens it").contains("value=\"" + token + "\"");
            assertThat(members.byEmail(MOOR, address).orElseThrow().isActive()).isFalse();
            HttpResponse<String> confirmed = stranger.form("/-/confirm", "token=" + token);
            boolean admitted = address.endsWith("@vale.example");
            assertThat(Client.header(confirmed, "Set-Cookie")).as(address).hasSize(admitted ? 1 : 0);
            assertThat(members.byEmail(MOOR, address).orElseThrow().isActive())
                    .as(address)
                    .isEqualTo(admitted);
            if (admitted) {
                assertThat(stranger.knownBy(cookie(confirmed), "/members").statusCode())
                        .isEqualTo(200);
            }
            HttpResponse<String> again = stranger.form("/-/confirm", "token=" + token);
            assertThat(again.statusCode()).isEqualTo(410);
            assertThat(alert(again)).isNotBlank();
        }
    }

    @Test
    void aPasswordIsChangedByWhoeverKnowsItAndOtherSessionsEndThen() {
        String here = cookie(signsIn("crew", Client.PASSWORD));
        String there = cookie(signsIn("crew", Client.PASSWORD));
        String account = MOOR + " " + email("crew");
        IntStream.range(0, 4).forEach(i -> throttle.failed(account, "10.0.0.9"));
        assertThat(throttle.waitMs(account, "10.0.0.1")).isZero();
        HttpResponse<String> wrong = mine(here, "what=password&present=wrong&password=" + NEW);
        assertThat(wrong.statusCode()).isEqualTo(422);
        assertThat(alert(wrong)).isNotBlank();
        assertThat(wrong.body()).doesNotContain(NEW);
        assertThat(throttle.waitMs(account, "10.0.0.1"))
                .as("guessing here is slowed down as at the door, wherever it comes from")
                .isPositive();
        assertThat(stranger.knownBy(there, "/members").statusCode()).isEqualTo(200);
        assertThat(mine(here, "what=password&present=" + Client.PASSWORD + "&password=" + NEW)
                        .statusCode())
                .isEqualTo(200);
        assertThat(stranger.knownBy(there, "/members").statusCode()).isEqualTo(302);
        assertThat(stranger.knownBy(here, "/members").statusCode()).isEqualTo(200);
        String third = cookie(signsIn("crew", NEW));
        assertThat(Jsoup.parse(stranger.knownBy(here, "/-/my-page").body()).select(".sessions li"))
                .hasSize(2);
        assertThat(mine(here, "what=sessions").statusCode()).isEqualTo(200);
        assertThat(stranger.knownBy(third, "/members").statusCode()).isEqualTo(302);
        mine(here, "what=password&present=" + NEW + "&password=" + Client.PASSWORD);
    }

    @Test
    void aMemberWritesOnlyWhatIsTheirsAndReadsAllThatIsKept() {
        String here = cookie(signsIn("crew", Client.PASSWORD));
        String evil = URLEncoder.encode("<script>alert(1)</script>", StandardCharsets.UTF_8);
        assertThat(mine(here, "what=details&name=" + evil + "&groups=trustees&state=x&email=other@vale.example")
                        .body())
                .doesNotContain("<script>alert(1)")
                .contains("&lt;script&gt;alert(1)");
        Member now = member("crew");
        assertThat(now.groups()).doesNotContain("trustees");
        assertThat(mine(here, "what=details&name=").statusCode()).as("no name").isEqualTo(422);
        assertThat(mine(here, "what=details&name=" + "x".repeat(300)).statusCode())
                .isEqualTo(422);
        JsonNode kept = json(stranger.knownBy(here, "/-/my-page/kept.json"));
        assertThat(kept.toString()).contains(now.email(), "alert(1)").doesNotContain("argon2", "password");
        assertThat(stranger.knownBy(here, "/-/my-page/kept.json").headers().firstValue("Cache-Control"))
                .contains("no-store");
        assertThat(stranger.visit("/-/my-page/kept.json").body()).doesNotContain(now.email());
        mine(here, "what=details&name=Noor+Hollis");
    }

    @Test
    void whoeverIsShutOutIsOutAtOnceAndToldWhatAWrongPasswordIsTold() {
        String here = cookie(signsIn("trustee", Client.PASSWORD));
        String link = members.entry().signInLink(member("trustee"));
        assertThat(stranger.knownBy(here, "/trustees").statusCode()).isEqualTo(200);
        String ids = Client.json("ids", List.of(member("trustee").id().text()));
        json(maja.post(API + "/deactivate", ids));
        assertThat(stranger.knownBy(here, "/trustees").statusCode()).isEqualTo(404);
        HttpResponse<String> right = signsIn("trustee", Client.PASSWORD);
        HttpResponse<String> wrong = signsIn("trustee", "wrong");
        assertThat(right.statusCode()).isEqualTo(403);
        assertThat(right.body()).isEqualTo(wrong.body());
        assertThat(stranger.form("/-/sign-in", "token=" + link).statusCode()).isEqualTo(410);
        json(maja.post(API + "/bring-back", ids));
        assertThat(stranger.knownBy(here, "/trustees").statusCode())
                .as("the session doesn't come back")
                .isEqualTo(404);
        assertThat(signsIn("trustee", Client.PASSWORD).statusCode()).isEqualTo(303);
    }

    @Test
    void aFormOfAnotherSiteOrTooMuchOfOneIsNotTaken() {
        String here = cookie(signsIn("crew", Client.PASSWORD));
        for (String at : List.of(
                "/-/sign-in", "/-/join", "/-/forgotten", "/-/confirm", "/-/my-page", "/-/leave", "/-/sign-out")) {
            HttpResponse<String> other =
                    stranger.form(at, "sure=yes", "Cookie", here, "Origin", "https://evil.example");
            assertThat(other.statusCode()).as(at).isEqualTo(403);
            assertThat(Client.header(other, "Set-Cookie")).as(at).isEmpty();
        }
        assertThat(stranger.form("/-/join", "name=" + "x".repeat(70_000)).statusCode())
                .isEqualTo(413);
        assertThat(stranger.knownBy(here, "/members").statusCode()).isEqualTo(200);
    }

    @Test
    void aGroupThatNobodyBelongsToIsFoundWhereItAloneMaySeePages() {
        assertThat(found("group-without-members")).isEmpty();
        int before = json(maja.get(SITE + "/survey")).get("shouldFix").asInt();
        String ids = Client.json("ids", List.of(member("trustee").id().text()));
        json(maja.post(API + "/deactivate", ids));
        JsonNode barred = found("group-without-members").get(0);
        assertThat(barred.get("name").asString()).isEqualTo("Trustees");
        assertThat(barred.get("finding").get("says").asString()).contains("nobody can open the 2 pages");
        JsonNode survey = json(maja.get(SITE + "/survey"));
        assertThat(survey.get("shouldFix").asInt()).isEqualTo(before + 1);
        assertThat(json(maja.get(SITE + "/news")).findValue("shouldFix").asInt())
                .as("the frame tells the same number")
                .isEqualTo(before + 1);
        json(maja.post(API + "/bring-back", ids));
        assertThat(found("group-without-members")).isEmpty();
    }

    @Test
    void aMemberWithTheAddressOfOneOfThePeopleHereIsSomebodyApart() {
        String invited = Client.json("email", email("tomas"), "name", "Tomas", "groups", List.of());
        JsonNode made = json(maja.post(API + "/invite", invited));
        assertThat(made.get("member").get("ours").asBoolean()).isTrue();
        assertThat(json(maja.get(API + "?q=crew"))
                        .get("rows")
                        .get(0)
                        .get("ours")
                        .asBoolean())
                .isFalse();
        String token = made.get("address").asString().replaceAll(".*token=", "");
        String here = cookie(stranger.form("/-/confirm", "token=" + token));
        assertThat(stranger.knownBy(here, "/members").statusCode()).isEqualTo(200);
        assertThat(signsIn("tomas", Client.PASSWORD).statusCode())
                .as("the password that they have in the interface opens nothing here")
                .isEqualTo(403);
        json(maja.post(
                API + "/remove",
                Client.json("ids", List.of(made.get("member").get("id").asString()))));
    }

    private List<JsonNode> found(String rule) {
        return json(maja.get(SITE + "/survey"))
                .get("findings")
                .valueStream()
                .filter(f -> f.get("finding").get("rule").asString().equals(rule))
                .toList();
    }
}
