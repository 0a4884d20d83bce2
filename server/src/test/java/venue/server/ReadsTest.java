package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;

import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import venue.core.basics.item.SiteId;
import venue.server.filling.AtMidnight;
import venue.server.live.ReadPages;
import venue.store.visit.Visits;
import venue.store.workspace.Workspaces;

/** What is counted of visitors, and what isn't. */
@ServerTest
class ReadsTest {

    private static final SiteId MOOR = new SiteId("kestrel-moor");
    private static final String READS = "/api/sites/kestrel-moor/plan/traces?page=visit";
    private static final String BROWSER = "Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101 Firefox/140.0";

    @As
    private Client stranger;

    @As("maja")
    private Client maja;

    @Autowired
    private Visits visits;

    @Autowired
    private ReadPages read;

    @Autowired
    private AtMidnight atMidnight;

    @Autowired
    private Workspaces workspaces;

    private Visits.Day today() {
        read.keep();
        LocalDate today = atMidnight.today(workspaces.require(MOOR).now().live().site());
        return visits.days(MOOR, "visit", today, today.plusDays(1)).getOrDefault(today, new Visits.Day(0, 0));
    }

    private HttpResponse<String> read(String path, String... headers) {
        return stranger.visit(Client.SITE, "GET", path, headers);
    }

    @Test
    void pagesAreCountedForPeopleAndForRobotsApartAndNothingElseIs() {
        read("/visit", "User-Agent", BROWSER);
        read("/visit", "User-Agent", BROWSER);
        read("/visit", "User-Agent", "Somebot/1.0 (+https://bot.example)");
        read("/visit", "User-Agent", BROWSER, "Sec-Purpose", "prefetch");
        read("/visit/", "User-Agent", BROWSER);
        read("/nowhere", "User-Agent", BROWSER);
        HttpResponse<String> last = read("/visit?utm=x", "User-Agent", BROWSER);
        assertThat(last.headers().firstValue("Set-Cookie")).isEmpty();
        assertThat(today()).isEqualTo(new Visits.Day(3, 1));
        json(maja.give("set-value", "item", "site", "key", "countReads", "value", false));
        json(maja.post(
                "/api/sites/kestrel-moor/releases", Client.json("items", java.util.List.of("site"), "note", "")));
        read("/visit", "User-Agent", BROWSER);
        assertThat(today()).as("switched off").isEqualTo(new Visits.Day(3, 1));
        assertThat(json(maja.get(READS)).get("counted").asBoolean()).isFalse();
        assertThat(json(maja.get(READS)).get("people").asInt()).isZero();
        json(maja.give("set-value", "item", "site", "key", "countReads", "value", true));
        json(maja.post(
                "/api/sites/kestrel-moor/releases", Client.json("items", java.util.List.of("site"), "note", "")));
        JsonNode told = json(maja.get(READS));
        int sum = 0;
        for (JsonNode day : told.get("days")) {
            sum += day.asInt();
        }
        assertThat(told.get("people").asInt())
                .as("one number, wherever it is told")
                .isEqualTo(sum)
                .isPositive();
        Map<String, Integer> lens = new java.util.HashMap<>();
        json(maja.get("/api/sites/kestrel-moor/plan/came"))
                .forEach(c -> lens.put(c.get("page").asString(), c.get("read").asInt()));
        assertThat(lens).containsEntry("visit", sum);
    }
}
