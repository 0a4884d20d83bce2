package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Findings that are set aside with a reason count no more, until they are brought back. */
@ServerTest
class SurveyAsideTest {

    private static final String SURVEY = "/api/sites/kestrel-moor/survey";

    @As("maja")
    private Client maja;

    @As("tomas")
    private Client tomas;

    private static List<JsonNode> of(JsonNode survey, String rule) {
        List<JsonNode> found = new ArrayList<>();
        survey.get("findings").forEach(f -> {
            if (f.get("finding").get("rule").asString().equals(rule)) {
                found.add(f);
            }
        });
        return found;
    }

    @Test
    void theyCountNoMoreWhereverThatIsToldUntilTheyAreBroughtBack() {
        JsonNode before = json(maja.get(SURVEY));
        int should = before.get("shouldFix").asInt();
        JsonNode one = of(before, "to-fill").get(0).get("finding");
        Map<String, Object> key = Map.of(
                "rule", one.get("rule").asString(),
                "item", one.get("item").asString(),
                "says", one.get("says").asString());
        assertThat(maja.post(SURVEY + "/aside", Client.json("findings", List.of(key), "reason", " "))
                        .statusCode())
                .isEqualTo(422);
        assertThat(tomas.post(SURVEY + "/aside", Client.json("findings", List.of(key), "reason", "So"))
                        .statusCode())
                .isEqualTo(403);
        JsonNode after =
                json(maja.post(SURVEY + "/aside", Client.json("findings", List.of(key), "reason", "Open until May")));
        assertThat(after.get("shouldFix").asInt()).isEqualTo(should - 1);
        assertThat(after.get("findings").size())
                .isEqualTo(before.get("findings").size() - 1);
        assertThat(after.get("aside").get(0).get("reason").asString()).isEqualTo("Open until May");
        assertThat(json(maja.get("/api/sites/kestrel-moor")).get("shouldFix").asInt())
                .as("in the standing line")
                .isEqualTo(should - 1);
        JsonNode back = json(maja.post(
                SURVEY + "/back",
                Client.json("rule", key.get("rule"), "item", key.get("item"), "says", key.get("says"))));
        assertThat(back.get("shouldFix").asInt()).isEqualTo(should);
        assertThat(back.get("aside").size()).isZero();
    }

    @Test
    void whatCameSinceTheLastReleaseIsNew() {
        JsonNode menu = of(json(maja.get(SURVEY)), "branch-of-one").get(0);
        assertThat(menu.get("fresh").asBoolean()).isFalse();
        json(maja.give("set-value", "item", "visit", "key", "searchTitle", "value", "x".repeat(80)));
        assertThat(of(json(maja.get(SURVEY)), "search-text-length")
                        .get(0)
                        .get("fresh")
                        .asBoolean())
                .isTrue();
    }
}
