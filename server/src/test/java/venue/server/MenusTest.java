package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** Menus with their lines: what they tell, what they refuse, and a page that takes its line along. */
@ServerTest
class MenusTest {

    private static final String SITE = "/api/sites/kestrel-moor";

    @LocalServerPort
    private int port;

    @As("tomas")
    private Client tomas;

    private JsonNode menu() {
        return json(tomas.get(SITE + "/menus/main"));
    }

    private static Map<String, Object> line(String id, String link, String label, Object... beneath) {
        return Map.of("id", id, "link", link, "label", label, "follows", 0, "beneath", List.of(beneath));
    }

    private static String set(Object... lines) {
        return Client.json("verb", "set-lines", "menu", "main", "lines", List.of(lines));
    }

    @Test
    void aMenuTellsWhatItsLinesSayWhereTheyLeadAndWhyOneIsNotSeen() {
        JsonNode visit = menu().get("lines").get(0);
        assertThat(visit.get("takes").asString()).isEqualTo("Visit");
        assertThat(visit.get("leads").asString()).isEqualTo("/visit");
        assertThat(visit.get("beneath").findValuesAsString("unseen"))
                .containsExactly("shows once its page is released");
        refused(tomas.get(SITE + "/menus/visit"), 404, "unknown-menu");
    }

    @Test
    void whereItIsShownAndWhatFollowsByItselfIsTold() {
        assertThat(menu().get("places").valueStream().map(JsonNode::asString)).containsExactly("headerMenu");
        JsonNode learn = menu().get("lines").get(3);
        assertThat(learn.get("following").findValuesAsString("leads"))
                .contains("/learn/schools")
                .hasSizeGreaterThan(2);
        JsonNode schools = json(tomas.get(SITE + "/pages/schools")).get("menus").get(0);
        assertThat(schools.get("follows").asBoolean()).isTrue();
        assertThat(schools.get("above").asString()).isEqualTo("Learn");
        Client maja = Client.signedIn(port, "maja");
        refused(maja.command(Client.json("verb", "name-menu", "menu", "foot", "name", "main")), 409, "name-taken");
        refused(
                maja.command(Client.json("verb", "set-value", "item", "site", "key", "footMenu", "value", "visit")),
                404,
                "unknown-menu");
    }

    @Test
    void editorsArrangeItAndWhatCantStandIsRefused() {
        refused(tomas.command(set(line("a", "https://tickets.example/", " "))), 422, "line-unnamed");
        refused(tomas.command(set(line("a", "page:nowhere", ""))), 404, "unknown-page");
        refused(tomas.command(set(line("a", "javascript:alert(1)", "X"))), 422, "link-not-allowed");
        refused(
                tomas.command(set(line(
                        "a", "/a", "A", line("b", "/b", "B", line("c", "/c", "C", line("d", "/d", "D")))))),
                422,
                "too-deep");
        refused(
                tomas.command(set(Map.of("id", "a", "link", "/a", "label", "A", "follows", 1, "beneath", List.of()))),
                422,
                "follows-nothing");
        refused(tomas.command(Client.json("verb", "make-menu", "id", "side", "name", "Side")), 403, "managers-only");
        refused(tomas.command(Client.json("verb", "remove-menu", "menu", "main")), 403, "managers-only");
        assertThat(tomas.command(set(line("a", "https://tickets.example/", "Tickets")))
                        .statusCode())
                .isEqualTo(200);
        assertThat(menu().findValuesAsString("label")).containsExactly("Tickets");
        assertThat(tomas.post(SITE + "/undo", "{}").statusCode()).isEqualTo(200);
        assertThat(menu().get("lines").size()).isGreaterThan(4);
    }

    @Test
    void aPageThatMovesTakesItsLineAlongWhereThatIsAsked() {
        JsonNode along = json(tomas.get(SITE + "/pages/dark-sky-camping/lines"));
        assertThat(along.findValuesAsString("from")).containsExactly("Visit");
        assertThat(json(tomas.get(SITE + "/pages/dark-sky-camping/lines?parent=visit")))
                .isEmpty();
        refused(tomas.get(SITE + "/pages/dark-sky-camping/lines?parent=nope"), 404, "unknown-page");
        String move = Client.json("verb", "move-page", "page", "dark-sky-camping", "menus", List.of("main"));
        assertThat(tomas.command(move).statusCode()).isEqualTo(200);
        assertThat(menu().get("lines").findValuesAsString("link")).endsWith("page:dark-sky-camping");
        assertThat(tomas.post(SITE + "/undo", "{}").statusCode()).isEqualTo(200);
    }
}
