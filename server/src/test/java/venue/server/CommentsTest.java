package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import venue.core.basics.item.SiteId;
import venue.store.answer.Answer;
import venue.store.answer.AnswerFilter;
import venue.store.member.Members;

/** Comments and ratings over HTTP, without a script: who may say what, when, and what is refused. */
@ServerTest(initializers = MidMinute.class)
class CommentsTest {

    private static final SiteId MOOR = new SiteId("kestrel-moor");
    private static final String ARTICLE = "/news/the-roof-rolls-again";
    private static final String WORK = "/api/sites/kestrel-moor/answers/work";

    private static final AnswerFilter APART =
            new AnswerFilter("comment-form", AnswerFilter.Which.APART, null, null, "", null, AnswerFilter.Order.NEWEST);

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    @As("tomas")
    private Client tomas;

    @Autowired
    private venue.store.answer.Answers answers;

    @Autowired
    private Members members;

    private Document page(String path, String cookie) {
        return Jsoup.parse(stranger.knownBy(cookie, path).body());
    }

    private HttpResponse<String> say(String path, String cookie, String words, String... more) {
        Map<String, String> form = new LinkedHashMap<>(Map.of("-form", "comment-form"));
        page(path, cookie)
                .select("#form-comment-form form:has(textarea) input[type=hidden]")
                .forEach(i -> form.put(i.attr("name"), i.val()));
        form.put("words", words);
        form.put("name", "Ada");
        form.put("email", "ada@moor-post.example");
        form.put("consent", "yes");
        for (int i = 0; i < more.length; i += 2) {
            form.put(more[i], more[i + 1]);
        }
        return stranger.form(
                path.replaceAll("\\?.*", ""),
                form.entrySet().stream()
                        .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                        .collect(Collectors.joining("&")),
                "Cookie",
                cookie);
    }

    private Answer last() {
        return answers.list(MOOR, AnswerFilter.of("comment-form"), 0, 1).get(0);
    }

    private static String there(HttpResponse<String> sent) {
        assertThat(sent.statusCode()).as(sent.body()).isEqualTo(303);
        return sent.headers().firstValue("Location").orElseThrow().replaceAll("#.*", "");
    }

    private Set<String> standing() {
        return Set.copyOf(page(ARTICLE, "").select(".comments article .words").eachText());
    }

    private void set(String item, String key, Object value) {
        json(maja.give("set-value", "item", item, "key", key, "value", value));
        json(maja.post("/api/sites/kestrel-moor/releases", Client.json("items", List.of(item), "note", "")));
    }

    @Test
    void whatIsSaidWaitsIsLetThroughAnsweredChangedReportedAndClosed() {
        String sent = there(say(ARTICLE, "", "Is there soup?"));
        Answer said = last();
        assertThat(said.onPage()).isEqualTo(new Answer.OnPage(false, null, false, 0));
        assertThat(page(sent, "").select(".thanks").text()).contains("once somebody has let it through");
        assertThat(standing()).doesNotContain("Is there soup?");
        assertThat(page(ARTICLE + "?-to=" + said.id(), "").select("[name=-to]").val())
                .isEqualTo(said.id().text());
        json(maja.post(WORK, Client.json("ids", List.of(said.id().text()), "shown", true)));
        assertThat(standing()).as("at once, whatever was kept of the page").contains("Is there soup?");
        there(say(ARTICLE + "?-to=" + said.id(), "", "There is.", "name", "Ben"));
        Answer answer = last();
        assertThat(answer.onPage().to()).isEqualTo(said.id());
        json(maja.post(WORK, Client.json("ids", List.of(answer.id().text()), "shown", true)));
        there(say(ARTICLE + "?-to=" + answer.id(), "", "Leek?", "name", "Cas"));
        assertThat(last().onPage().to()).as("one deep").isEqualTo(said.id());
        String change = sent.replace("-sent", "-change");
        assertThat(page(change, "").select("textarea").text()).isEqualTo("Is there soup?");
        assertThat(say(change, "", "").statusCode()).isEqualTo(422);
        there(say(change, "", "Is there bread?"));
        Answer changed = answers.require(MOOR, said.id());
        assertThat(changed.onPage()).as("it is held again").isEqualTo(new Answer.OnPage(false, null, true, 0));
        assertThat(page(ARTICLE, "").select(".comments .gone")).hasSize(1);
        assertThat(page(change + "x", "").select("[name=-change]")).isEmpty();
        json(maja.post(WORK, Client.json("ids", List.of(said.id().text()), "shown", true)));
        for (int i = 0; i < 3; i++) {
            assertThat(stranger.form(ARTICLE, "-form=comment-form&-report=" + said.id())
                            .body())
                    .contains("Somebody will look at it.");
        }
        assertThat(answers.require(MOOR, said.id()).onPage().reported())
                .as("once from one network")
                .isEqualTo(1);
        assertThat(answers.require(MOOR, said.id()).done().state()).isEqualTo("new");
        set("article-1", "comments", "closed");
        assertThat(say(ARTICLE, "", "Too late").statusCode()).isEqualTo(409);
        assertThat(page(ARTICLE, "").select("#form-comment-form")).isEmpty();
        assertThat(standing()).contains("Is there bread?");
        assertThat(say(change, "", "Later").statusCode()).isEqualTo(409);
        set("article-1", "comments", "none");
        assertThat(page(ARTICLE, "").select(".comments")).isEmpty();
        set("article-1", "comments", "once");
        there(say(ARTICLE, "", "At once"));
        assertThat(standing()).contains("At once");
        there(say(ARTICLE, "", "Buy https://a.example https://b.example https://c.example https://d.example"));
        Answer spam = answers.list(MOOR, APART, 0, 1).get(0);
        assertThat(spam.done().apart()).contains("4 links");
        assertThat(spam.onPage().shown()).isFalse();
        String stand = Client.json("ids", List.of(spam.id().text()), "shown", true);
        refused(maja.post(WORK, stand), 409, "no-comment");
        refused(tomas.post(WORK, stand), 403, "answers-hidden");
    }

    @Test
    void aMemberSaysItUnderTheirNameChangesItForAWhileAndRatesOnce() {
        String name = members.byEmail(MOOR, "friend@kestrel-moor.example")
                .orElseThrow()
                .name();
        String cookie = stranger.form("/-/sign-in", "email=friend@kestrel-moor.example&password=" + Client.PASSWORD)
                .headers()
                .firstValue("Set-Cookie")
                .orElseThrow()
                .replaceAll(";.*", "");
        assertThat(page(ARTICLE, cookie)
                        .select("#form-comment-form [name=name]")
                        .val())
                .isEqualTo(name);
        String sent = there(say(ARTICLE, cookie, "From me", "name", "The Director"));
        assertThat(last().who()).isEqualTo(name);
        assertThat(page(sent, "").select("a[href*=-change]")).hasSize(1);
        assertThat(page("/-/my-page", cookie).text()).contains("Comment It stands here once");
        String rated = "/instruments/meridian-circle";
        assertThat(stranger.form(rated, "-rate=5", "Cookie", cookie).body()).contains("You gave 5 of 5.");
        assertThat(stranger.form(rated, "-rate=1", "Cookie", cookie).statusCode())
                .isEqualTo(409);
        assertThat(stranger.knownBy(cookie, "/-/my-page/kept.json").body())
                .contains("From me", "\"given\":5", "Meridian circle");
    }

    @Test
    void aPageIsRatedOnceByBrowserSoOftenByNetworkClearedAndClosed() {
        String path = "/instruments/the-heliostat-room";
        String traces = "/api/sites/kestrel-moor/plan/traces?page=instrument-3-page";
        int before = json(maja.get(traces)).get("rated").asInt();
        String form = "-rate=4&-stamp="
                + URLEncoder.encode(
                        page(path, "").select(".rating [name=-stamp]").val(), StandardCharsets.UTF_8);
        HttpResponse<String> given = stranger.form(path, form);
        assertThat(there(given)).isEqualTo(path + "?-rate=4");
        String cookie = given.headers().firstValue("Set-Cookie").orElseThrow();
        assertThat(cookie).startsWith("venue-rated=").contains("SameSite=Lax").doesNotContain("HttpOnly");
        assertThat(page(path + "?-rate=4", "").select(".rating .told").text()).isEqualTo("You gave 4 of 5.");
        assertThat(stranger.form(path, form, "Cookie", cookie.replaceAll(";.*", ""))
                        .statusCode())
                .isEqualTo(409);
        assertThat(stranger.form(path, "-rate=4").statusCode())
                .as("not from the page")
                .isEqualTo(429);
        assertThat(stranger.form(path, form.replace("=4", "=6")).statusCode()).isEqualTo(422);
        assertThat(stranger.form("/visit", form).statusCode())
                .as("nothing is rated there")
                .isEqualTo(404);
        for (int i = 0; i < 4; i++) {
            assertThat(stranger.form(path, form).statusCode()).isEqualTo(303);
        }
        assertThat(stranger.form(path, form).statusCode())
                .as("without a cookie, from one network")
                .isEqualTo(429);
        assertThat(json(maja.get(traces)).get("rated").asInt()).isEqualTo(before + 5);
        assertThat(page(path, "").select(".rating .mean small").text()).isEqualTo((before + 5) + " ratings");
        String clear = "/api/sites/kestrel-moor/plan/ratings/clear";
        refused(tomas.post(clear, Client.json("page", "instrument-3-page")), 403, "managers-only");
        assertThat(json(maja.post(clear, Client.json("page", "instrument-3-page")))
                        .get("rated")
                        .asInt())
                .isZero();
        assertThat(page(path, "").select(".rating").text()).contains("Not rated yet");
        set("instrument-3-page", "ratingsClosed", true);
        assertThat(page(path, "").select(".rating form")).isEmpty();
        assertThat(stranger.form(path, form).statusCode()).isEqualTo(409);
    }
}
