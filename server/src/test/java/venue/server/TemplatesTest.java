package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Templates, reach and roll-out as the interface asks for them, and who may not. */
class TemplatesTest extends TwoAtWork {

    private static final String SITE = "/api/sites/kestrel-moor";

    @Test
    void onMadeUpContentItIsFilledAsVisitorsWouldSeeIt() {
        Document marked = markup("landing", false);
        Document seen = markup("landing", true);
        assertThat(marked.select("mark.to-fill")).isNotEmpty();
        assertThat(seen.select("mark.to-fill")).isEmpty();
        assertThat(seen.select("main .s")).hasSize(marked.select("main .s").size());
    }

    private Document markup(String template, boolean visitor) {
        return Jsoup.parse(json(maja.get(SITE + "/templates/" + template + "/markup?visitor=" + visitor))
                .get("html")
                .asString());
    }

    @Test
    void editorsMayLookButNotShape() {
        json(tomas.get(SITE + "/templates/wide"));
        for (String command : List.of(
                Client.json("verb", "make-template", "id", "x", "name", "X"),
                Client.json("verb", "describe-template", "template", "wide", "name", "X", "note", ""),
                Client.json("verb", "set-zones", "template", "wide", "zones", List.of()),
                Client.json("verb", "fix-section", "template", "wide", "section", "s1", "fixed", true),
                Client.json("verb", "retire-template", "template", "wide", "retired", true),
                Client.json("verb", "remove-template", "template", "wide", "successor", "plain"),
                Client.json("verb", "set-kind-templates", "kind", "standard", "allowed", List.of()),
                Client.json("verb", "roll-out", "item", "wide", "pages", Map.of("visit", Map.of())),
                Client.json("verb", "set-value", "item", "wide", "key", "footer", "value", false),
                Client.json("verb", "name-section", "item", "wide", "section", "s1", "name", "x"))) {
            refused(tomas.command(command), 403, "managers-only");
        }
    }

    @Test
    void aTemplateTellsWhatWearsItAndHowItsCopiesStand() {
        JsonNode wide = json(maja.get(SITE + "/templates/wide"));
        assertThat(wide.get("pages").asInt()).isEqualTo(6);
        assertThat(wide.get("wearing").findValuesAsString("title")).contains("Visit", "Dark-sky camping");
        assertThat(wide.get("zones").get(0).get("sections").findValuesAsString("reach"))
                .containsExactly("STARTER", "STARTER");
        JsonNode copies = json(maja.get(SITE + "/templates/wide/copies"));
        assertThat(copies.get("inStep").asInt() + copies.get("behind").asInt()).isEqualTo(2);
        assertThat(json(maja.get(SITE + "/templates/wide/markup")).get("html").asString())
                .contains("A page’s title", "data-s=\"s1\"");
        assertThat(json(maja.get(SITE + "/templates/wide/markup?on=groups"))
                        .get("html")
                        .asString())
                .contains("Groups and school parties");
        refused(maja.get(SITE + "/templates/nope"), 404, "unknown-template");
        refused(maja.get(SITE + "/roll-outs/visit"), 422, "no-origin");
    }

    @Test
    void aChangeIsOfferedToCopiesCarriedAndTakenBackInOneStep() {
        assertThat(states("dark-sky-camping")).containsOnly("DONE");
        assertThat(states("visit"))
                .as("composed without what the template brings")
                .containsOnly("WITHOUT");
        json(maja.give("set-value", "item", "wide", "section", "s1", "element", "e1", "key", "size", "value", "body"));
        assertThat(json(maja.get(SITE + "/roll-outs/wide")).get("changes").findValuesAsString("name"))
                .contains("Lead");
        assertThat(states("dark-sky-camping")).contains("FOLLOWS");
        assertThat(states("visit")).containsOnly("WITHOUT");
        String page = "dark-sky-camping";
        json(maja.give("roll-out", "item", "wide", "pages", Map.of(page, Map.of())));
        assertThat(states(page)).containsOnly("DONE");
        json(maja.post(SITE + "/undo", "{}"));
        assertThat(states(page)).contains("FOLLOWS");
        refused(
                maja.give("roll-out", "item", "wide", "pages", Map.of(page, Map.of("x", "EXPLODE"))),
                400,
                "unreadable");
        refused(maja.give("roll-out", "item", "wide", "pages", Map.of()), 422, "too-many-pages");
    }

    /** How the page stands to each section that the template brings. */
    private List<String> states(String page) {
        return json(maja.get(SITE + "/roll-outs/wide"))
                .get("rows")
                .valueStream()
                .filter(row -> row.get("page").asString().equals(page))
                .flatMap(row -> row.findValuesAsString("state").stream())
                .toList();
    }

    @Test
    void howFarASectionCouldReachIsToldBeforehand() {
        JsonNode effects = json(maja.get(SITE + "/pages/tonight/sections/tonight-main1/reaches"));
        assertThat(effects.findValuesAsString("to")).containsExactly("SHARED", "TEMPLATE", "EVERYWHERE");
        assertThat(effects.get(2).get("says").asString()).contains("71 pages");
        refused(maja.get(SITE + "/pages/tonight/sections/nope/reaches"), 404, "unknown-section");
        refused(maja.give("reach-section", "page", "groups", "section", "nope", "to", "HERE"), 404, "unknown-section");
        refused(
                maja.give("set-value", "item", "groups", "section", "groups-side1", "key", "tone", "value", "deep"),
                422,
                "section-is-shared");
    }
}
