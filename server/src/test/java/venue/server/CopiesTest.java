package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Pages once more, what one takes of another, and several settings at once: what is refused, and that nothing is changed then. */
class CopiesTest extends TwoAtWork {

    private static final String SITE = "/api/sites/kestrel-moor";

    private static String duplicate(String page, String id, String title) {
        return Client.json("verb", "duplicate-page", "page", page, "id", id, "title", title, "branch", true);
    }

    private static String take(String from, Object... parts) {
        return Client.json(
                "verb", "take-from-page", "pages", List.of("glossary"), "from", from, "parts", List.of(parts));
    }

    private String steps() {
        return json(maja.get(SITE)).get("step").asString();
    }

    @Test
    void whatCantBeCopiedIsRefusedByName() {
        String before = steps();
        refused(maja.command(duplicate("nowhere", "again", "Again")), 404, "unknown-page");
        refused(maja.command(duplicate("learn", "schools", "Again")), 409, "id-taken");
        refused(maja.command(duplicate("learn", "A b", "Again")), 422, "bad-id");
        refused(maja.command(duplicate("learn", "again", " ")), 422, "title-empty");
        refused(maja.command(duplicate("learn", "again", "x".repeat(5000))), 422, "title-too-long");
        assertThat(steps()).isEqualTo(before);
    }

    @Test
    void aBranchIsCopiedAsDraftsAndTakenBackInOneStep() {
        assertThat(tomas.command(duplicate("learn", "again", "Learn more")).statusCode())
                .isEqualTo(200);
        JsonNode again = json(tomas.get(SITE + "/pages/again"));
        assertThat(again.get("state").asString()).isEqualTo("DRAFT");
        assertThat(again.get("address").asString()).isEqualTo("/learn-more");
        assertThat(again.get("menus").findValuesAsString("there")).doesNotContain("true");
        assertThat(tomas.post(SITE + "/undo", "{}").statusCode()).isEqualTo(200);
        refused(tomas.get(SITE + "/pages/again"), 404, "unknown-page");
        assertThat(tomas.command(duplicate("news", "old-news", "Old news")).statusCode())
                .as("its articles are allowed where they stand; their copies go with the branch")
                .isEqualTo(200);
        assertThat(tomas.post(SITE + "/undo", "{}").statusCode()).isEqualTo(200);
    }

    @Test
    void nothingIsTakenThatIsNotThere() {
        refused(maja.command(take("glossary", "settings")), 422, "nothing-to-take");
        refused(maja.command(take("learn")), 422, "nothing-to-take");
        refused(maja.command(take("nowhere", "settings")), 404, "unknown-page");
        refused(maja.command(take("learn", "title")), 400, "unreadable");
    }

    @Test
    void oneOfSeveralSettingsThatCantBeHoldsAllOfThemBack() {
        String before = steps();
        Map<String, Object> values = Map.of("colourAccent", "#2F6F4F", "colourPage", "greenish");
        refused(
                maja.command(Client.json("verb", "set-values", "item", "dusk", "values", values, "reset", List.of())),
                422,
                "wrong-value");
        refused(
                maja.command(Client.json(
                        "verb", "set-values", "item", "dusk", "values", Map.of(), "reset", List.of("colourOfMoon"))),
                422,
                "unknown-property");
        refused(
                tomas.command(
                        Client.json("verb", "set-values", "item", "dusk", "values", Map.of(), "reset", List.of())),
                403,
                "managers-only");
        assertThat(steps()).isEqualTo(before);
    }
}
