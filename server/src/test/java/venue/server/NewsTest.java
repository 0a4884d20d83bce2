package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a window is told after a step: what differs, and no more. */
@ServerTest
class NewsTest {

    private static final String SITE = "/api/sites/kestrel-moor";
    private static final int FEW = 4_000;

    @As("maja")
    private Client maja;

    private JsonNode news(long since) {
        return json(maja.get(SITE + "/news?since=" + since));
    }

    private JsonNode given(String command, long since) {
        String body = "{\"command\":" + command + ",\"seen\":{},\"request\":\"" + java.util.UUID.randomUUID()
                + "\",\"since\":" + since + "}";
        return json(maja.post(SITE + "/commands", body)).get("news");
    }

    private static List<String> ids(JsonNode plan) {
        return plan.get("rows").valueStream().map(r -> r.get("id").asString()).toList();
    }

    @Test
    void theFirstNewsHasTheWholePlanInItsOrder() {
        JsonNode plan = news(-1).get("plan");
        assertThat(plan.get("whole").asBoolean()).isTrue();
        assertThat(ids(plan))
                .hasSizeGreaterThan(45)
                .isEqualTo(
                        plan.get("order").valueStream().map(JsonNode::asString).toList());
    }

    @Test
    void aStepsAnswerTellsWhatItChangedAndItsBytesAreFew() {
        JsonNode before = news(-1).get("standing");
        JsonNode told = given(
                Client.json("verb", "set-title", "page", "visit", "title", "Come and see"),
                before.get("step").asLong());
        assertThat(ids(told.get("plan"))).containsExactly("visit");
        assertThat(told.get("plan").has("order")).isFalse();
        assertThat(told.toString().length()).isLessThan(FEW);
        assertThat(told.get("standing").get("shaped").asLong())
                .as("there is the same to choose from")
                .isEqualTo(before.get("shaped").asLong());
        JsonNode later = news(told.get("standing").get("step").asLong()).get("plan");
        assertThat(ids(later)).isEmpty();
    }

    @Test
    void whatChangesTheTreeTellsTheOrderAndWhatChangesATemplateTellsToChooseAnew() {
        long step = news(-1).get("standing").get("step").asLong();
        JsonNode moved = given(Client.json("verb", "move-page", "page", "glossary", "parent", "visit"), step);
        assertThat(moved.get("plan").has("order")).isTrue();
        assertThat(ids(moved.get("plan"))).contains("glossary");
        JsonNode named = given(
                Client.json("verb", "describe-template", "template", "wide", "name", "Wide band", "note", ""),
                moved.get("standing").get("step").asLong());
        assertThat(named.get("standing").get("shaped").asLong())
                .isEqualTo(named.get("standing").get("step").asLong());
    }

    @Test
    void wordsInATemplateLeaveWhatThereIsToChooseFrom() {
        JsonNode placed = given(
                Client.json(
                        "verb",
                        "place-section",
                        "item",
                        "wide",
                        "zone",
                        "main",
                        "index",
                        0,
                        "id",
                        "told",
                        "pattern",
                        "ready-notice",
                        "spans",
                        List.of()),
                news(-1).get("standing").get("step").asLong());
        long step = placed.get("standing").get("step").asLong();
        assertThat(placed.get("standing").get("shaped").asLong()).isEqualTo(step);
        JsonNode element = json(maja.get(SITE + "/templates/wide/sheet"))
                .findValue("sections")
                .get(0)
                .findValue("elements")
                .get(0);
        String set = Client.json(
                "verb",
                "set-value",
                "item",
                "wide",
                "section",
                "told",
                "element",
                element.get("id").asString(),
                "key",
                "words",
                "value",
                "<p>%s</p>");
        JsonNode filled = given(String.format(set, "Closed"), step);
        JsonNode choice = json(maja.get(SITE + "/catalog"));
        JsonNode written = given(String.format(set, "Closed today"), step + 1);
        assertThat(written.get("standing").get("step").asLong()).isEqualTo(step + 2);
        assertThat(written.get("standing").get("shaped"))
                .isEqualTo(filled.get("standing").get("shaped"));
        assertThat(json(maja.get(SITE + "/catalog"))).isEqualTo(choice);
    }

    /** What waits to be released is the last changed: in the answer to a step as in the proof that is fetched. */
    @Test
    void aStepsAnswerShowsWhatIsListedByItsLastChange() {
        json(maja.give(
                "place-element",
                "item",
                "members",
                "section",
                "members-main1",
                "column",
                "c1",
                "index",
                1,
                "id",
                "news",
                "kind",
                "listing",
                "props",
                Map.of("kind", "standard", "order", "changed", "limit", 4)));
        String body =
                "{\"command\":" + Client.json("verb", "set-title", "page", "accessibility", "title", "Getting about")
                        + ",\"seen\":{},\"request\":\"again\",\"showing\":\"members\"}";
        String told = json(maja.post(SITE + "/commands", body))
                .get("proof")
                .get("html")
                .asString();
        assertThat(Jsoup.parse(told).select(".listing .h").eachText())
                .contains("Getting about")
                .doesNotContain("Visit", "Opening times");
        assertThat(json(maja.get(SITE + "/pages/members/markup")).get("html").asString())
                .isEqualTo(told);
    }

    @Test
    void aPageComesWithItsProofAndATemplateToo() {
        JsonNode sheet = json(maja.get(SITE + "/pages/visit/sheet"));
        assertThat(sheet.get("page").get("id").asString()).isEqualTo("visit");
        assertThat(sheet.get("html").asString())
                .isEqualTo(
                        json(maja.get(SITE + "/pages/visit/markup")).get("html").asString());
        assertThat(json(maja.get(SITE + "/templates/wide/sheet?on=visit"))
                        .get("html")
                        .asString())
                .contains("<main");
    }
}
