package venue.server;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.server.Answers.json;
import static venue.server.Answers.refused;
import static venue.server.Client.json;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.http.HttpResponse;
import java.security.InvalidKeyException;
import java.time.Instant;
import java.util.Map;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** What is refused of people, accounts and the first run, and what is done at once. */
@ServerTest
class PeopleApiTest {

    private static final String SITE = "kestrel-moor";
    private static final String PASSWORD = json("present", Client.PASSWORD);

    @LocalServerPort
    private int port;

    @As("maja")
    private Client maja;

    private HttpResponse<String> invite(String email, String site, String role) {
        return maja.post(
                "/api/people/invite",
                json("email", email, "seats", site.isEmpty() ? Map.of() : Map.of(site, role), "owner", false));
    }

    /** Somebody new with a seat in the site, signed in. */
    private Client newcomer(String name) {
        String link = json(invite(name + "@kestrel-moor.example", SITE, "EDITOR"))
                .get("link")
                .asString();
        Client client = new Client(port);
        client.get("/api/me");
        json(client.post(
                "/api/invitation/accept",
                json("token", link.split("#")[1], "name", name, "password", Client.PASSWORD)));
        client.get("/api/me");
        return client;
    }

    private String idOf(String email) {
        for (JsonNode person : json(maja.get("/api/people")).get("people")) {
            if (person.get("email").asString().equals(email)) {
                return person.get("id").asString();
            }
        }
        throw new AssertionError("nobody is " + email);
    }

    @ParameterizedTest
    @CsvSource({
        "no address at all, kestrel-moor, EDITOR, 422, bad-address",
        "wren@kestrel-moor.example, '', '', 422, no-seat",
        "wren@kestrel-moor.example, nowhere, EDITOR, 404, unknown-site",
        "TOMAS@kestrel-moor.example, kestrel-moor, MANAGER, 409, here-already",
    })
    void whoCannotBeInvited(String email, String site, String role, int status, String code) {
        refused(invite(email, site, role), status, code);
    }

    @Test
    void ownersAloneChangePeopleAndTheLastOneStays() {
        Client tomas = Client.signedIn(port, "tomas");
        refused(tomas.post("/api/people/maja/deactivate", "{}"), 403, "owners-only");
        refused(tomas.post("/api/people/hosts/bar", json("host", "x.example")), 403, "owners-only");
        refused(tomas.get("/api/people"), 403, "managers-only");
        refused(maja.post("/api/people/maja/deactivate", "{}"), 409, "last-owner");
        refused(maja.post("/api/people/maja/owner", json("owner", false)), 409, "last-owner");
        refused(maja.post("/api/people/tomas/erase", "{}"), 409, "not-deactivated");
        refused(maja.post("/api/people/nobody/erase", "{}"), 404, "unknown-person");
    }

    @Test
    void aFolderThatIsSetUpIsSetUp() {
        assertThat(maja.get("/api/set-up").body()).isEqualTo("{\"needed\":false}");
        refused(maja.post("/api/set-up/code", json("code", "abcd-efgh-jkmn")), 409, "set-up-already");
    }

    private HttpResponse<String> newSite(Client who, String name, String host, String beginWith) {
        return who.post(
                "/api/sites",
                json(
                        "siteName",
                        name,
                        "siteHost",
                        host,
                        "language",
                        "en",
                        "timeZone",
                        "Europe/London",
                        "beginWith",
                        beginWith));
    }

    @Test
    void ownersMakeSitesUnderHostsThatAreFree() {
        Client tomas = Client.signedIn(port, "tomas");
        refused(newSite(tomas, "Yard", "yard.localhost", "empty"), 403, "owners-only");
        refused(tomas.get("/api/beginnings"), 403, "owners-only");
        refused(newSite(maja, "Yard", "KESTREL-moor.localhost", "empty"), 409, "host-taken");
        refused(newSite(maja, "Yard", "localhost", "empty"), 409, "host-taken");
        refused(newSite(maja, "Yard", "yard.localhost", "big"), 422, "no-beginning");
        assertThat(maja.get("/api/sites").body()).doesNotContain("yard");
        String id = json(newSite(maja, "API", "yard.localhost", "small"))
                .get("site")
                .asString();
        assertThat(id).as("a path of the interface is no site").isNotEqualTo("api");
        assertThat(maja.visit("yard.localhost", "GET", "/").body()).contains("API</title>");
        assertThat(maja.visit("yard.localhost", "GET", "/about-us").statusCode())
                .as("a draft")
                .isEqualTo(404);
        refused(tomas.get("/api/sites/" + id), 404, "unknown-site");
    }

    @Test
    void withoutMailNobodyIsToldThatALetterIsOnItsWay() {
        refused(maja.post("/api/password/forgotten", json("email", "maja@kestrel-moor.example")), 409, "no-mail");
        refused(maja.post("/api/people/test-letter", "{}"), 409, "no-mail");
        refused(maja.post("/api/my/address", json("email", "m@kestrel-moor.example")), 409, "no-mail");
    }

    @Test
    void aPasswordIsChangedByWhoeverKnowsItAndEndsOtherSessions() {
        Client wren = newcomer("wren");
        Client elsewhere = Client.signedIn(port, "wren");
        refused(
                wren.post("/api/my/password", json("present", "guess", "password", "otter velvet kettle nine")),
                422,
                "wrong-password");
        refused(
                wren.post("/api/my/password", json("present", Client.PASSWORD, "password", "kestrel moor wren")),
                422,
                "password-weak");
        assertThat(wren.post(
                                "/api/my/password",
                                json("present", Client.PASSWORD, "password", "otter velvet kettle nine"))
                        .statusCode())
                .isEqualTo(200);
        assertThat(wren.get("/api/my").statusCode()).isEqualTo(200);
        refused(elsewhere.get("/api/my"), 401, "signed-out");
    }

    @Test
    void aSecondStepIsAskedForOnceItsFirstCodeIsGivenAndEachCodeIsGoodOnce() {
        Client ada = newcomer("ada");
        refused(ada.post("/api/my/second-step/begin", json("present", "guess")), 422, "wrong-password");
        String secret = json(ada.post("/api/my/second-step/begin", PASSWORD))
                .get("secret")
                .asString();
        refused(ada.post("/api/my/second-step/confirm", json("code", "000000")), 422, "wrong-code");
        String first = code(secret);
        JsonNode codes = json(ada.post("/api/my/second-step/confirm", json("code", first)))
                .get("codes");
        assertThat(codes).hasSize(10);
        Client again = new Client(port);
        again.get("/api/me");
        refused(again.post("/api/sign-in/second", json("code", first)), 403, "first-step-first");
        String signIn = json("email", "ada@kestrel-moor.example", "password", Client.PASSWORD);
        assertThat(json(again.post("/api/sign-in", signIn)).get("secondStep").asBoolean())
                .isTrue();
        refused(again.get("/api/sites"), 401, "signed-out");
        refused(again.post("/api/sign-in/second", json("code", first)), 403, "wrong-code");
        String recovery = json("code", codes.get(3).asString().toUpperCase());
        assertThat(again.post("/api/sign-in/second", recovery).statusCode()).isEqualTo(200);
        assertThat(json(again.get("/api/my")).get("codesLeft").asInt()).isEqualTo(9);
    }

    private static String code(String secret) {
        TimeBasedOneTimePasswordGenerator codes = new TimeBasedOneTimePasswordGenerator();
        try {
            return codes.generateOneTimePasswordString(
                    new SecretKeySpec(new Base32().decode(secret), codes.getAlgorithm()), Instant.now());
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void whereASecondStepIsAskedOfEverybodyNothingElseIsOpenWithoutOne() {
        Client bo = newcomer("bo");
        try {
            maja.post("/api/people/rules", json("secondStepAsked", true));
            refused(bo.get("/api/sites/kestrel-moor"), 403, "second-step-asked");
            refused(maja.get("/api/people"), 403, "second-step-asked");
            assertThat(json(bo.get("/api/me")).get("lacksSecondStep").asBoolean())
                    .isTrue();
            assertThat(bo.get("/api/my").statusCode()).isEqualTo(200);
            String secret = json(maja.post("/api/my/second-step/begin", PASSWORD))
                    .get("secret")
                    .asString();
            json(maja.post("/api/my/second-step/confirm", json("code", code(secret))));
        } finally {
            maja.post("/api/people/rules", json("secondStepAsked", false));
            maja.post("/api/my/second-step/end", PASSWORD);
        }
        assertThat(bo.get("/api/sites/kestrel-moor").statusCode()).isEqualTo(200);
    }

    /** No table program takes a name for a formula. */
    @Test
    void theRecordIsSavedAsATable() {
        Client eve = newcomer("eve");
        eve.post("/api/my/name", json("name", "=1+1"));
        maja.post("/api/people/" + idOf("eve@kestrel-moor.example") + "/seat", json("site", SITE, "role", "MANAGER"));
        HttpResponse<String> saved = maja.get("/api/record/csv?deed=SEAT_GIVEN");
        assertThat(Client.header(saved, "content-disposition").get(0)).contains("record.csv");
        assertThat(saved.body().lines().findFirst()).contains("at,deed,who,site,about,detail,from");
        assertThat(saved.body()).contains("SEAT_GIVEN,Maja Åkerlund,Kestrel Moor Observatory,'=1+1,MANAGER");
        JsonNode page = json(maja.get("/api/record?before=3"));
        assertThat(page).hasSize(2);
        assertThat(page.get(0).get("id").asInt()).isEqualTo(2);
    }

    @Test
    void firstStepsAreTickedByTheSiteAndPutAwayByEachForThemselves() {
        assertThat(json(maja.get("/api/sites/kestrel-moor/first-steps"))
                        .get("away")
                        .asBoolean())
                .as("the demo's owner knows it")
                .isTrue();
        newcomer("ines");
        String id = idOf("ines@kestrel-moor.example");
        maja.post("/api/people/" + id + "/seat", json("site", SITE, "role", "MANAGER"));
        Client ines = Client.signedIn(port, "ines");
        JsonNode steps = json(ines.get("/api/sites/kestrel-moor/first-steps")).get("steps");
        Map<String, Boolean> done = new java.util.HashMap<>();
        steps.forEach(s -> done.put(s.get("key").asString(), s.get("done").asBoolean()));
        assertThat(done)
                .containsEntry("facts", true)
                .containsEntry("people", true)
                .containsEntry("page", true)
                .containsEntry("look", false)
                .containsEntry("release", false)
                .hasSize(7);
        ines.post("/api/sites/kestrel-moor/first-steps/put-away", "{}");
        assertThat(json(ines.get("/api/sites/kestrel-moor/first-steps"))
                        .get("away")
                        .asBoolean())
                .isTrue();
        refused(Client.signedIn(port, "tomas").get("/api/sites/kestrel-moor/first-steps"), 403, "managers-only");
    }
}
