package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The library over HTTP: who gives, who takes, and what is refused. */
class LibraryTest extends TwoAtWork {

    private static final String MOOR = "/api/sites/kestrel-moor/library";

    private static String item(String id) {
        return "{\"item\":\"" + id + "\"}";
    }

    private String yard() {
        return json(maja.post("/api/sites", """
                        {"siteName":"Yard","siteHost":"yard.localhost","language":"en","timeZone":"UTC","beginWith":"empty"}
                        """)).get("site").asString();
    }

    @Test
    void whatOneSiteGivesAnotherTakesInOneStep() {
        String yard = "/api/sites/" + yard() + "/library";
        JsonNode given = json(maja.post(MOOR + "/give", item("instrument")));
        assertThat(given.get("items").findValuesAsString("state")).containsOnly("HERE");
        assertThat(given.get("items").findValues("adapted")).noneMatch(JsonNode::asBoolean);
        JsonNode look = json(maja.post(yard + "/look", item("instrument")));
        assertThat(look.at("/report/fresh").findValuesAsString("id")).contains("instrument");
        JsonNode taken = json(maja.post(yard + "/take", item("instrument")));
        assertThat(taken.get("here").asString()).isEqualTo("instrument");
        assertThat(maja.get("/api/sites/yard").body()).contains("\"undo\":\"bring in");
        json(maja.post("/api/sites/yard/undo", "{}"));
        assertThat(json(maja.get(yard)).toString()).contains("NOT_HERE");
        assertThat(maja.get("/api/record").body()).contains("GIVEN_TO_ALL", "TAKEN_FROM_LIBRARY");
    }

    @Test
    void editorsNeitherGiveNorTakeAndManagersGiveWhereAnOwnerAllowsIt() {
        refused(tomas.post(MOOR + "/give", item("plain")), 403, "may-not-give");
        refused(tomas.post(MOOR + "/take", item("plain")), 403, "managers-only");
        refused(tomas.post(MOOR + "/look", item("plain")), 403, "managers-only");
        String id = json(tomas.get("/api/me")).at("/id").asString();
        String people = "/api/people/" + id;
        assertThat(maja.post(people + "/seat", "{\"site\":\"kestrel-moor\",\"role\":\"MANAGER\"}")
                        .statusCode())
                .isEqualTo(200);
        refused(tomas.post(MOOR + "/give", item("plain")), 403, "may-not-give");
        refused(tomas.post(people + "/give", "{\"may\":true}"), 403, "owners-only");
        assertThat(maja.post(people + "/give", "{\"may\":true}").statusCode()).isEqualTo(200);
        assertThat(json(tomas.post(MOOR + "/give", item("plain")))
                        .get("mayGive")
                        .asBoolean())
                .isTrue();
        assertThat(maja.post(people + "/seat", "{\"site\":\"kestrel-moor\",\"role\":\"EDITOR\"}")
                        .statusCode())
                .isEqualTo(200);
        refused(tomas.post(MOOR + "/give", item("plain")), 403, "may-not-give");
    }

    @Test
    void pagesAndWhatIsNotThereAreRefused() {
        refused(maja.post(MOOR + "/give", item("visit")), 422, "not-for-all");
        refused(maja.post(MOOR + "/give", item("nothing")), 404, "unknown-item");
        refused(maja.post(MOOR + "/take", item("nothing")), 404, "unknown-item");
        refused(maja.get("/api/sites/library"), 404, "unknown-site");
        refused(maja.post("/api/sites", """
                {"siteName":"Z","siteHost":"z.localhost","language":"en","timeZone":"UTC","beginWith":"copy","from":"library"}
                """), 404, "unknown-site");
    }
}
