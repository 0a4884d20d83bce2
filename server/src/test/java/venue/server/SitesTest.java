package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Several sites over HTTP: copied, found under their names, retired and brought back. */
class SitesTest extends TwoAtWork {

    private static final String MOOR = "/api/sites/kestrel-moor";

    private String copy(String name, boolean withContent) {
        return json(maja.post("/api/sites", """
                        {"siteName":"%s","siteHost":"%s.localhost","language":"de","timeZone":"Europe/Berlin",
                         "beginWith":"copy","from":"kestrel-moor","withContent":%s}
                        """.formatted(name, name, withContent)))
                .get("site")
                .asString();
    }

    @Test
    void aSiteIsCopiedWithItsContentOrWithout() {
        String all = copy("larkfield", true);
        String bare = copy("bare-dome", false);
        int pages = json(maja.get(MOOR + "/news")).at("/plan/rows").size();
        JsonNode allNow = json(maja.get("/api/sites/" + all + "/news"));
        JsonNode bareNow = json(maja.get("/api/sites/" + bare + "/news"));
        assertThat(allNow.at("/plan/rows").size()).isEqualTo(pages);
        assertThat(bareNow.at("/plan/rows").size()).isEqualTo(pages);
        assertThat(allNow.at("/standing/name").asString()).isEqualTo("larkfield");
        assertThat(bareNow.at("/standing/toFill").asInt())
                .isGreaterThan(allNow.at("/standing/toFill").asInt());
        assertThat(json(maja.get("/api/sites/" + bare + "/media")).size())
                .isLessThan(json(maja.get(MOOR + "/media")).size());
        assertThat(maja.visit("larkfield.localhost", "GET", "/").body()).contains("lang=\"de\"");
        refused(tomas.get("/api/sites/" + all + "/settings"), 404, "unknown-site");
        refused(maja.post("/api/sites", """
                {"siteName":"X","siteHost":"x.localhost","language":"en","timeZone":"UTC","beginWith":"copy","from":"no"}
                """), 404, "unknown-site");
    }

    @Test
    void itsOtherNamesLeadToItsOwnAtOnceWithThePathKept() {
        String hosts = MOOR + "/hosts";
        json(maja.post(hosts, "{\"hosts\":[\"kestrel-moor.localhost\",\"WWW.moor.localhost\"]}"));
        HttpResponse<String> there = maja.visit("www.moor.localhost", "GET", "/visit?day=2");
        assertThat(there.statusCode()).isEqualTo(301);
        assertThat(there.headers().firstValue("Location"))
                .contains("http://kestrel-moor.localhost:" + port + "/visit?day=2");
        refused(maja.post(hosts, "{\"hosts\":[\"localhost\"]}"), 409, "host-taken");
        refused(maja.post(hosts, "{\"hosts\":[]}"), 422, "bad-hosts");
        refused(maja.post(hosts, "{\"hosts\":[\"https://x\"]}"), 422, "bad-host");
        refused(tomas.post(hosts, "{\"hosts\":[\"tomas.localhost\"]}"), 403, "managers-only");
        json(maja.post(hosts, "{\"hosts\":[\"kestrel-moor.localhost\"]}"));
        assertThat(maja.visit("www.moor.localhost", "GET", "/").statusCode()).isEqualTo(421);
        assertThat(maja.get("/api/record?site=kestrel-moor").body()).contains("HOSTS_SET");
    }

    @Test
    void aSiteIsRetiredAndBroughtBackByOwners() {
        String id = copy("short-lived", false);
        String retired = "/api/retired-sites";
        refused(tomas.get(retired), 403, "owners-only");
        refused(tomas.post(MOOR + "/retire", "{}"), 403, "owners-only");
        assertThat(maja.post("/api/sites/" + id + "/retire", "{}").statusCode()).isEqualTo(200);
        assertThat(maja.visit("short-lived.localhost", "GET", "/").statusCode()).isEqualTo(421);
        refused(maja.get("/api/sites/" + id), 404, "unknown-site");
        assertThat(maja.get(retired).body()).contains("short-lived");
        String at = retired + "/" + id;
        refused(maja.post(at + "/remove", "{\"name\":\"other\"}"), 422, "wrong-name");
        refused(maja.post(at + "/remove", "{\"name\":\"short-lived\"}"), 409, "kept-still");
        refused(tomas.post(at + "/bring-back", "{}"), 403, "owners-only");
        assertThat(maja.post(at + "/bring-back", "{}").statusCode()).isEqualTo(200);
        assertThat(maja.visit("short-lived.localhost", "GET", "/").statusCode()).isEqualTo(200);
        refused(maja.post(at + "/bring-back", "{}"), 404, "unknown-site");
    }
}
