package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** The plan as a table, the bin, what is foreseen, filters that are kept, and addresses that lead on: what is told, and what is refused. */
@ServerTest
class PlanApiTest {

    private static final String SITE = "/api/sites/kestrel-moor";

    @LocalServerPort
    private int port;

    @As("maja")
    private Client maja;

    @As("tomas")
    private Client tomas;

    private static String table(String text, boolean list) {
        return Client.json("text", text, "list", list);
    }

    @Test
    void theTableIsReadAsItIsWrittenAndRefusedWithAWayOut() {
        String csv = maja.get(SITE + "/plan/table").body();
        assertThat(csv).startsWith("Id,Address,Title,Kind,Template,Parent,Menus,");
        JsonNode read = json(maja.post(SITE + "/plan/table/read", table(csv, false)));
        assertThat(read.get("counts").propertyNames()).containsExactly("NOTHING");
        refused(maja.post(SITE + "/plan/table/take", table(csv, false)), 422, "nothing-to-do");
        refused(maja.post(SITE + "/plan/table/read", table("Colour\nred", false)), 422, "no-column");
        refused(maja.post(SITE + "/plan/table/read", table("Title,\"Address\na", false)), 422, "bad-table");
        refused(maja.post(SITE + "/plan/table/read", table(" \n ", true)), 422, "bad-count");
        JsonNode rows = json(tomas.post(
                        SITE + "/plan/table/read",
                        table("Title,Address,State\nA,/none/a,\n,/welcome-to-the-moor,taken off", false)))
                .get("rows");
        assertThat(rows.findValuesAsString("why"))
                .anySatisfy(w -> assertThat(w).contains("No page stands at “/none”"))
                .anySatisfy(w -> assertThat(w).contains("is the home page and can't be taken off"));
    }

    @Test
    void whatWouldComeOfCommandsIsToldAndWhatIsRefusedIsNamed() {
        List<Map<String, Object>> commands = List.of(
                Map.of("verb", "set-segment", "page", "visit", "segment", "come"),
                Map.of("verb", "remove-page", "page", "search"),
                Map.of("verb", "withdraw-page", "page", "people", "withdrawn", true));
        JsonNode told = json(maja.post(SITE + "/foreseen", Client.json("commands", commands)));
        assertThat(told.get("moves").asInt()).isEqualTo(12);
        assertThat(told.get("leading").get("on").asInt()).isEqualTo(11);
        assertThat(told.get("rest").get("seen").get("hidden").asInt()).isPositive();
        assertThat(told.get("refused").findValuesAsString("code")).containsExactly("bound-stays");
        refused(maja.give("together", "name", "x", "commands", List.of()), 422, "bad-count");
        refused(maja.give("together", "name", "x", "commands", commands), 409, "bound-stays");
        assertThat(maja.get(SITE + "/pages/visit").body()).contains("\"segment\":\"visit\"");
    }

    @Test
    void whatIsRemovedLiesInTheBinUntilItIsBroughtBack() {
        refused(maja.post(SITE + "/bin/back", Client.json("page", "instruments")), 404, "unknown-page-in-the-bin");
        json(maja.give("remove-page", "page", "instruments"));
        JsonNode lying = json(maja.get(SITE + "/bin")).get("rows").get(0);
        assertThat(lying.get("page").asString()).isEqualTo("instruments");
        assertThat(lying.get("pages").asInt()).isGreaterThan(5);
        assertThat(lying.get("live").asInt()).isEqualTo(lying.get("pages").asInt());
        json(maja.post(SITE + "/bin/back", Client.json("page", "instruments")));
        assertThat(json(maja.get(SITE + "/bin")).get("rows")).isEmpty();
        assertThat(json(maja.get(SITE + "/pages/instruments"))
                        .get("menus")
                        .get(0)
                        .get("there")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void aBranchTellsByWhatItIsOrderedAndALensWhoChangedWhatLast() {
        assertThat(json(maja.get(SITE + "/plan/order?page=news")).get("fields").findValuesAsString("key"))
                .containsExactly("date");
        json(tomas.give("order-beneath", "page", "news", "by", "date", "down", true, "always", true));
        JsonNode told = json(maja.get(SITE + "/plan/order?page=news"));
        assertThat(told.get("by").asString()).isEqualTo("date");
        refused(maja.give("move-page", "page", "article-1", "parent", "news"), 409, "keeps-order");
        assertThat(json(maja.get(SITE + "/news")).get("plan").get("rows").findValuesAsString("keepsOrder"))
                .contains("Published");
        assertThat(json(maja.get(SITE + "/plan/came")).findValuesAsString("who"))
                .contains("Tomás Jurado");
    }

    @Test
    void filtersAreKeptForOneselfAndByManagersForAll() {
        String mine = Client.json("name", "Drafts", "asks", "state=DRAFT", "forAll", false);
        String all = Client.json("name", "To fill", "asks", "fill=1", "forAll", true);
        json(tomas.post(SITE + "/plan/filters", mine));
        refused(tomas.post(SITE + "/plan/filters", all), 403, "managers-only");
        json(maja.post(SITE + "/plan/filters", all));
        assertThat(json(tomas.get(SITE + "/plan/filters")).findValuesAsString("name"))
                .containsExactly("Drafts", "To fill");
        assertThat(json(maja.post(SITE + "/plan/filters/remove", all))).isEmpty();
        refused(
                maja.post(SITE + "/plan/filters", Client.json("name", " ", "asks", "x", "forAll", false)),
                422,
                "bad-filter");
    }

    @Test
    void addressesLeadOnFromATableAndByManagersAlone() {
        String text = Client.json("text", "From,To\n/shop/*,/learn\n/visit,gone\n/old,https://a.example/\n");
        refused(tomas.post(SITE + "/addresses/leading/take", text), 403, "managers-only");
        assertThat(json(maja.post(SITE + "/addresses/leading/read", text)).findValuesAsString("does"))
                .containsExactly("NEW", "REFUSED", "NEW");
        json(maja.post(SITE + "/addresses/leading/take", text));
        JsonNode told = json(maja.get(SITE + "/addresses/leading"));
        assertThat(told.get("hand").asInt()).isEqualTo(2);
        assertThat(told.get("rows").findValuesAsString("who")).containsOnly("Maja Åkerlund");
        assertThat(maja.get(SITE + "/addresses/leading/csv").body()).contains("/shop/*,/learn");
        assertThat(json(maja.get(SITE + "/addresses/trail?path=/Shop/x&live=false"))
                        .get("location")
                        .asString())
                .isEqualTo("/learn");
        Client visitor = new Client(port);
        assertThat(visitor.visit("/nobody-was-here").statusCode()).isEqualTo(404);
        assertThat(maja.get(SITE + "/addresses/in-vain").body()).contains("/nobody-was-here");
        maja.post(SITE + "/addresses/in-vain/leave", Client.json("address", "/nobody-was-here"));
        assertThat(maja.get(SITE + "/addresses/in-vain").body()).doesNotContain("/nobody-was-here");
        int before = json(maja.get(SITE)).get("mustFix").asInt();
        visitor.visit(Client.SITE, "GET", "/lost-words", "Referer", "http://" + Client.SITE + ":" + port + "/visit");
        JsonNode survey = json(maja.get(SITE + "/survey"));
        assertThat(survey.get("mustFix").asInt()).isEqualTo(before + 1);
        assertThat(json(maja.get(SITE)).get("mustFix").asInt())
                .as("the standing line counts as the survey does")
                .isEqualTo(before + 1);
        assertThat(survey.get("findings").findValuesAsString("says")).anyMatch(s -> s.contains("/lost-words"));
        json(maja.give("say-gone", "from", "/lost-words"));
        assertThat(json(maja.get(SITE)).get("mustFix").asInt()).isEqualTo(before);
    }
}
