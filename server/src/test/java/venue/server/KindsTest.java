package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Kinds as the interface asks for them, and what each role may do with them and their pages. */
class KindsTest extends TwoAtWork {

    private static final String SITE = "/api/sites/kestrel-moor";
    private static final List<String> SHAPING = List.of(
            Client.json("verb", "make-kind", "id", "x", "name", "X"),
            Client.json("verb", "describe-kind", "kind", "article", "name", "X", "note", ""),
            Client.json("verb", "set-fields", "kind", "article", "fields", List.of()),
            Client.json(
                    "verb", "place-kind", "kind", "article", "beneath", Map.of("where", "ANYWHERE", "ids", List.of())),
            Client.json("verb", "retire-kind", "kind", "article", "retired", true),
            Client.json("verb", "set-value", "item", "article", "key", "madeBy", "value", "MANAGER"),
            Client.json("verb", "set-value", "item", "visit", "key", "mayHold", "value", List.of()),
            Client.json("verb", "set-options", "template", "wide", "options", List.of()),
            Client.json("verb", "give-to-origin", "page", "visit", "section", "x"));

    private void set(String key, String value) {
        json(maja.give("set-value", "item", "person", "key", key, "value", value));
    }

    private static String make(String kind, String parent, boolean evenSo) {
        return "{\"verb\":\"make-pages\",\"as\":{\"kind\":\"" + kind + "\"},\"where\":{\"parent\":\"" + parent
                + "\",\"evenSo\":" + evenSo + "},\"pages\":[{\"id\":\"new" + kind + parent
                + "\",\"title\":\"New\"}],\"menus\":[],\"settings\":{}}";
    }

    @Test
    void whoeverLooksAsAnEditorIsHeldAsOne() {
        for (String command : SHAPING) {
            refused(tomas.command(command), 403, "managers-only");
            refused(maja.asEditor().command(command), 403, "managers-only");
        }
        refused(maja.asEditor().command(make("article", "visit", true)), 422, "not-here");
        json(maja.command(make("article", "visit", true)));
        assertThat(json(maja.get(SITE + "/survey")).toString())
                .contains("misplaced", "Article pages stand beneath News only");
    }

    @Test
    void whatManagersKeepIsRefusedHoweverItIsAsked() {
        String person = json(maja.get(SITE + "/kinds/person")).get("shown").asString();
        json(tomas.give("set-title", "page", person, "title", "By an editor"));
        set("changedBy", "MANAGER");
        set("madeBy", "MANAGER");
        for (String command : List.of(
                Client.json("verb", "set-title", "page", person, "title", "Again"),
                Client.json("verb", "remove-page", "page", person),
                Client.json("verb", "move-page", "page", person),
                Client.json("verb", "choose-template", "pages", List.of(person), "template", "plain"))) {
            refused(tomas.command(command), 403, "not-for-editors");
        }
        refused(tomas.post(SITE + "/undo", "{}"), 403, "not-for-editors");
        refused(tomas.command(make("person", "people", true)), 422, "not-here");
        assertThat(json(tomas.get(SITE + "/pages/" + person)).get("changeable").asBoolean())
                .isFalse();
        assertThat(json(maja.get(SITE + "/pages/" + person)).get("changeable").asBoolean())
                .isTrue();
        JsonNode here = json(tomas.get(SITE + "/places?parent=people"));
        here.forEach(p -> assertThat(p.get("may").asBoolean()).as(p.toString()).isEqualTo(!p.has("whyNot")));
        assertThat(here.findValuesAsString("whyNot")).contains("are made by managers only");
        json(maja.command(make("person", "people", false)));
    }

    @Test
    void movingAsksWhereAPageMayStandAndMakingAsksMore() {
        String person = json(maja.get(SITE + "/kinds/person")).get("shown").asString();
        set("changedBy", "EDITOR");
        set("madeBy", "MANAGER");
        JsonNode made = json(tomas.get(SITE + "/kinds/person/places"));
        JsonNode moved = json(tomas.get(SITE + "/pages/" + person + "/places"));
        assertThat(made).hasSameSizeAs(moved);
        assertThat(made).noneMatch(p -> p.get("may").asBoolean());
        assertThat(moved)
                .filteredOn(p -> p.get("may").asBoolean())
                .extracting(p -> p.get("parent").asString())
                .containsExactly("people");
        refused(maja.get(SITE + "/pages/nothing/places"), 404, "unknown-page");
        refused(
                tomas.give(
                        "make-pages",
                        "as",
                        Map.of("kind", "standard"),
                        "where",
                        Map.of("parent", "visit"),
                        "pages",
                        List.of(Map.of("id", "newruled", "title", "New")),
                        "menus",
                        List.of(),
                        "settings",
                        Map.of("mayHold", List.of(Map.of("kind", "standard")))),
                403,
                "managers-only");
        json(maja.give("set-value", "item", "person", "key", "madeBy", "value", "EDITOR"));
        json(tomas.give("remove-page", "page", person));
        json(tomas.post(SITE + "/undo", "{}"));
        assertThat(json(tomas.get(SITE + "/pages/" + person)).get("id").asString())
                .isEqualTo(person);
    }

    @Test
    void aTemplateTellsWhereItsOptionsMatterAndWhoChose() {
        String article = json(maja.get(SITE + "/kinds/article")).get("shown").asString();
        json(tomas.give("set-value", "item", article, "key", "option.more", "value", false));
        JsonNode more = json(maja.get(SITE + "/templates/article-layout"))
                .get("options")
                .get(0);
        assertThat(more.get("own").asInt()).isEqualTo(1);
        assertThat(more.get("places").toString()).isEqualTo("[\"the section More news\"]");
        refused(tomas.give("set-value", "item", article, "key", "option.more", "value", "perhaps"), 422, "wrong-value");
        refused(
                tomas.give("set-value", "item", article, "key", "option.booking", "value", true),
                422,
                "unknown-property");
    }

    @Test
    void entriesAreMovedAndNoneIsMadeOfARetiredKind() {
        json(tomas.give("move-entry", "entry", "sponsor-5", "before", "sponsor-1"));
        assertThat(json(tomas.get(SITE + "/kinds/sponsor/entries"))
                        .get(0)
                        .get("id")
                        .asString())
                .isEqualTo("sponsor-5");
        refused(tomas.give("move-entry", "entry", "nothing"), 404, "unknown-entry");
        refused(tomas.give("move-entry", "entry", "sponsor-5", "before", "hours-1"), 404, "unknown-entry");
        json(maja.give("retire-kind", "kind", "sponsor", "retired", true));
        refused(
                tomas.give(
                        "put-entries",
                        "kind",
                        "sponsor",
                        "entries",
                        List.of(Map.of("id", "s9", "name", "S", "fields", Map.of(), "reset", List.of()))),
                422,
                "kind-retired");
    }

    @Test
    void anEntryThatSomebodyElseTookAwayDoesNotComeBackByBeingRenamed() {
        JsonNode entry = json(tomas.get(SITE + "/kinds/sponsor/entries")).get(1);
        String id = entry.get("id").asString();
        String seen = Client.json(id, entry.get("revision").asString());
        json(maja.give("remove-entries", "entries", List.of(id)));
        refused(
                tomas.command(
                        Client.json(
                                "verb",
                                "put-entries",
                                "kind",
                                "sponsor",
                                "entries",
                                List.of(Map.of(
                                        "id", id, "name", "Another name", "fields", Map.of(), "reset", List.of()))),
                        seen),
                404,
                "unknown-item");
        assertThat(tomas.get(SITE + "/kinds/sponsor/entries").body()).doesNotContain(id + "\"");
    }

    @Test
    void aKindTellsWhoInheritsAndWhereAFieldShows() {
        JsonNode kind = json(maja.get(SITE + "/kinds/open-night"));
        assertThat(kind.get("following").asInt() + kind.get("chosen").asInt())
                .isEqualTo(kind.get("pages").asInt());
        JsonNode places = kind.get("fields").get(5);
        assertThat(places.get("own").asInt() + places.get("inheriting").asInt())
                .isEqualTo(kind.get("pages").asInt());
        assertThat(kind.get("fields").get(1).get("places").toString())
                .contains("listings of Open night pages", "Article");
        refused(maja.get(SITE + "/kinds/nothing"), 404, "unknown-kind");
        JsonNode trials = json(maja.get(SITE + "/kinds/standard/extremes"));
        assertThat(trials.findValuesAsString("what")).contains("the shortest", "middling", "the longest");
        JsonNode many = json(maja.get(SITE + "/fitting?pages=opening-times,accessibility"));
        assertThat(many.findValuesAsString("template")).contains("plain", "wide");
        refused(maja.get(SITE + "/fitting?pages=nothing"), 404, "unknown-page");
    }

    @Test
    void entriesAreReadLookedAtKeptAndWrittenAsCsv() {
        json(maja.give("make-kind", "id", "partner", "name", "Partner"));
        refused(maja.give("put-entries", "kind", "partner", "entries", List.of()), 422, "has-pages");
        json(maja.give("set-value", "item", "partner", "key", "pageless", "value", true));
        JsonNode read = json(maja.post(
                SITE + "/kinds/partner/entries/read",
                Client.json("text", "Title,Summary,Colour\nMoor Lamps,Dark-sky lamps,red\n,No name,")));
        assertThat(read.get("columns").toString()).isEqualTo("[\"name\",\"summary\",\"\"]");
        assertThat(read.get("rows").get(0).get("fields").get("summary").asString())
                .isEqualTo("Dark-sky lamps");
        assertThat(read.get("rows").get(1).get("troubles").get(0).asString()).contains("It has no name");
        json(tomas.give(
                "put-entries",
                "kind",
                "partner",
                "entries",
                List.of(Map.of(
                        "id",
                        "p1",
                        "name",
                        "Moor Lamps",
                        "fields",
                        Map.of("summary", "Dark-sky lamps"),
                        "reset",
                        List.of()))));
        assertThat(json(tomas.get(SITE + "/kinds/partner/entries")).findValuesAsString("name"))
                .containsExactly("Moor Lamps");
        assertThat(json(tomas.get(SITE + "/entries")).toString())
                .contains("{\"id\":\"p1\",\"name\":\"Moor Lamps\",\"kind\":\"partner\"}");
        assertThat(maja.get(SITE + "/kinds/partner/entries.csv").body())
                .isEqualTo("Name,Summary,Picture\r\nMoor Lamps,Dark-sky lamps,\r\n");
        json(maja.give("set-value", "item", "partner", "key", "changedBy", "value", "MANAGER"));
        refused(tomas.give("remove-entries", "entries", List.of("p1")), 403, "not-for-editors");
        refused(maja.give("set-value", "item", "partner", "key", "pageless", "value", false), 409, "kind-in-use");
        refused(maja.post(SITE + "/kinds/partner/entries/read", Client.json("text", "Name")), 422, "bad-count");
    }

    @Test
    void badKindsAreRefusedWithTheWayOut() {
        refused(maja.give("make-kind", "id", "k", "name", " "), 422, "bad-name");
        refused(maja.give("make-kind", "id", "k", "name", "article"), 409, "name-taken");
        refused(
                maja.give(
                        "place-kind", "kind", "article", "beneath", Map.of("where", "BENEATH_PAGES", "ids", List.of())),
                422,
                "no-place");
        refused(maja.give("set-value", "item", "article", "key", "madeBy", "value", "cat"), 422, "wrong-value");
        refused(maja.give("follow-again", "page", "visit", "section", "nothing"), 404, "unknown-section");
    }
}
