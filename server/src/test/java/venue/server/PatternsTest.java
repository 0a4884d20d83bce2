package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Patterns as the interface asks for them, and who may not change them. */
class PatternsTest extends TwoAtWork {

    private static final String SITE = "/api/sites/kestrel-moor";

    @Test
    void editorsPlaceThemAndDoNotShapeThem() {
        json(tomas.get(SITE + "/patterns/ready-notice"));
        for (String command : List.of(
                Client.json("verb", "make-pattern", "id", "x", "name", "X", "group", ""),
                Client.json("verb", "describe-pattern", "pattern", "call", "name", "X", "group", "", "note", ""),
                Client.json("verb", "retire-pattern", "pattern", "call", "retired", true),
                Client.json("verb", "remove-pattern", "pattern", "call"),
                Client.json("verb", "order-groups", "groups", List.of("Voices")),
                Client.json("verb", "name-group", "group", "Voices", "name", "X"),
                Client.json("verb", "name-section", "item", "call", "section", "s1", "name", "x"))) {
            refused(tomas.command(command), 403, "managers-only");
        }
    }

    @Test
    void aPatternTellsWhatItHoldsWhereItStandsAndHowItsCopiesDo() {
        json(maja.give("make-pattern", "id", "ours", "name", "Ours", "group", "Alarms", "from", "ready-notice"));
        JsonNode catalog = json(maja.get(SITE + "/catalog"));
        assertThat(catalog.get("patternGroups").valueStream().map(JsonNode::asString))
                .contains("Alarms");
        for (String page : List.of("visit", "people"))
            json(maja.give(
                    "place-section",
                    "item",
                    page,
                    "zone",
                    "main",
                    "index",
                    0,
                    "id",
                    "p" + page,
                    "pattern",
                    "ours",
                    "spans",
                    List.of()));
        json(maja.give("set-value", "item", "people", "section", "ppeople", "key", "tone", "value", "deep"));
        json(maja.give("set-value", "item", "ours", "section", "s1", "key", "width", "value", "full"));
        JsonNode ours = json(maja.get(SITE + "/patterns/ours"));
        assertThat(ours.get("group").asString()).isEqualTo("Alarms");
        assertThat(ours.get("zones").get(0).get("sections").findValuesAsString("reach"))
                .containsExactly("PATTERN");
        JsonNode copies = json(maja.get(SITE + "/patterns/ours/copies"));
        assertThat(copies.get("pages").asInt()).isEqualTo(2);
        assertThat(copies.get("waiting").asInt()).isEqualTo(2);
        assertThat(List.of(
                        copies.get("inStep").asInt(),
                        copies.get("behind").asInt(),
                        copies.get("adapted").asInt()))
                .containsExactly(0, 1, 1);
        assertThat(copies.get("some").findValuesAsString("page")).containsExactlyInAnyOrder("visit", "people");
        JsonNode uses = json(maja.get(SITE + "/patterns"));
        assertThat(uses.findValuesAsString("id")).contains("ours").doesNotContain("ready-documents");
    }

    @Test
    void itsProofShowsItsPlacesToFillOrSamplesInThem() {
        String markup = SITE + "/patterns/call/markup";
        String prompt = "class=\"to-fill\"";
        assertThat(html(markup)).contains(prompt, "data-s=\"s1\"");
        assertThat(html(markup + "?sample=true")).doesNotContain(prompt).contains("data-s=\"s1\"");
        assertThat(html(markup + "?visitor=true")).doesNotContain(prompt, "data-s");
        assertThat(json(maja.get(SITE + "/patterns/call/sheet?sample=true"))
                        .get("html")
                        .asString())
                .isEqualTo(html(markup + "?sample=true"));
        refused(maja.get(SITE + "/patterns/visit"), 404, "unknown-pattern");
        refused(maja.get(SITE + "/patterns/nope/copies"), 404, "unknown-pattern");
    }

    private String html(String path) {
        return json(maja.get(path)).get("html").asString();
    }
}
