package venue.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.carry.beginning.Beginning;
import venue.core.carry.beginning.NewSite;
import venue.core.edition.edition.Edition;
import venue.core.model.site.Role;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Team;
import venue.store.record.By;
import venue.store.workspace.Workspaces;

/**
 * Every operation that the API describes of itself, tried by those who may not: nobody, somebody deactivated, the manager of
 * another site, an editor. A new operation is covered by itself.
 */
@ServerTest
class OutsidersTest {

    private static final PersonId MAJA = new PersonId("maja");
    private static final PersonId ADA = new PersonId("ada");
    private static final SiteId KESTREL_MOOR = new SiteId("kestrel-moor");
    private static final PersonId BO = new PersonId("bo");

    private static final By OWNER = new By(MAJA, "test");
    private static final SiteId YARD = new SiteId("loomgate-yard");
    /** What may be asked for by anybody. */
    private static final List<String> OPEN = List.of(
            "/api/me",
            "/api/sign-in",
            "/api/sign-in/second",
            "/api/sign-out",
            "/api/set-up",
            "/api/set-up/code",
            "/api/invitation",
            "/api/invitation/accept",
            "/api/password/forgotten",
            "/api/password/link",
            "/api/password/reset",
            "/api/address/confirm");

    @LocalServerPort
    private int port;

    @Autowired
    private Workspaces workspaces;

    @Autowired
    private Persons persons;

    @Autowired
    private Team team;

    private Samples samples;
    private final List<String> through = new ArrayList<>();
    private int requests;

    @BeforeEach
    void begin() {
        samples = new Samples(Client.signedIn(port, "maja").get("/api/openapi").body());
    }

    private Client somebody(PersonId id) {
        String hash = persons.find(MAJA).orElseThrow().password();
        String since = InstantSource.system().instant().toString();
        String email = id + "@kestrel-moor.example";
        persons.add(new Person(id, email, id.text(), hash, false, false, Person.State.ACTIVE, since, null));
        return Client.signedIn(port, id.text());
    }

    private interface Look {
        boolean isThrough(String path, int status);
    }

    private void tryAll(Client client, String who, Look look) {
        samples.paths()
                .propertyStream()
                .forEach(path -> path.getValue().propertyStream().forEach(way -> {
                    for (JsonNode body : samples.bodies(way.getValue())) {
                        tryOne(client, who, look, path.getKey(), way.getKey().toUpperCase(), body);
                    }
                }));
        assertThat(through).as(who).isEmpty();
        assertThat(requests).isGreaterThan(100);
    }

    private void tryOne(Client client, String who, Look look, String path, String method, JsonNode body) {
        if (OPEN.contains(path)) {
            return;
        }
        String at = Pattern.compile("\\{([a-z]+)}").matcher(path).replaceAll(m -> Samples.named(m.group(1)));
        HttpResponse<String> answer =
                client.send(method, at, "application/json", body.isMissingNode() ? "{}" : body.toString());
        requests++;
        if (look.isThrough(path, answer.statusCode())) {
            through.add(who + ": " + method + " " + at + " → " + answer.statusCode());
        }
    }

    @Test
    void nobodyGetsAnything() {
        Client nobody = new Client(port);
        nobody.get("/api/me");
        tryAll(nobody, "nobody", (path, status) -> status != 401);
    }

    @Test
    void whoeverIsDeactivatedGetsNothingMoreInTheSessionTheyHave() {
        Client ada = somebody(ADA);
        team.seat(OWNER, ADA, KESTREL_MOOR, Role.MANAGER);
        assertThat(ada.get("/api/sites/kestrel-moor").statusCode()).isEqualTo(200);
        team.deactivate(OWNER, ADA);
        tryAll(ada, "deactivated", (path, status) -> status != 401 && status != 403);
        assertThat(ada.get("/api/sites/kestrel-moor").statusCode()).isEqualTo(401);
    }

    @Test
    void forTheManagerOfAnotherSiteThisOneDoesNotExist() {
        workspaces.begin(
                YARD, MAJA, Beginning.EMPTY.items(NewSite.of("Yard", "yard.localhost", "en", "Europe/London")));
        Client bo = somebody(BO);
        team.seat(OWNER, BO, YARD, Role.MANAGER);
        tryAll(
                bo,
                "another's manager",
                (path, status) ->
                        path.contains("{site}") ? status != 404 : path.startsWith("/api/people/") && status < 400);
        assertThat(bo.get("/api/sites").body()).contains(YARD).doesNotContain("kestrel-moor");
        assertThat(bo.get("/api/people").body()).contains("\"bo\"").doesNotContain("tomas");
        assertThat(bo.get("/api/record?site=kestrel-moor").statusCode()).isEqualTo(403);
        assertThat(bo.get("/api/record?site=" + YARD).statusCode()).isEqualTo(200);
    }

    /** Whatever an editor sends, what managers set stays as it is, and so do people. */
    @Test
    void anEditorChangesPagesAlone() {
        Edition before = workspaces.require(KESTREL_MOOR).now().working();
        List<Person> people = persons.all();
        int release = workspaces.require(KESTREL_MOOR).now().release();
        Client tomas = Client.signedIn(port, "tomas");
        tryAll(
                tomas,
                "an editor",
                (path, status) -> status < 400 && (path.startsWith("/api/people") || path.startsWith("/api/record")));
        Edition after = workspaces.require(KESTREL_MOOR).now().working();
        assertThat(after.all(venue.core.model.template.Template.class))
                .containsExactlyInAnyOrderElementsOf(
                        before.all(venue.core.model.template.Template.class).toList());
        assertThat(after.all(venue.core.model.kind.Kind.class))
                .containsExactlyInAnyOrderElementsOf(
                        before.all(venue.core.model.kind.Kind.class).toList());
        assertThat(after.all(venue.core.model.theme.Look.class))
                .containsExactlyInAnyOrderElementsOf(
                        before.all(venue.core.model.theme.Look.class).toList());
        assertThat(after.site()).isEqualTo(before.site());
        assertThat(workspaces.require(KESTREL_MOOR).now().release()).isEqualTo(release);
        assertThat(persons.all())
                .extracting(Person::email)
                .containsExactlyInAnyOrderElementsOf(
                        people.stream().map(Person::email).toList());
    }
}
