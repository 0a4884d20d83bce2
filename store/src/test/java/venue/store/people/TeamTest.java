package venue.store.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.time.GivenClock;
import venue.core.model.site.Role;
import venue.store.database.Database;
import venue.store.link.Links;
import venue.store.link.PersonalLink;
import venue.store.people.Person.State;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.session.Sessions;
import venue.store.workspace.Workspaces;

/** People, their links, their seats and the record of it. */
class TeamTest {

    private static final PersonId INES_ID = new PersonId("ines");

    private static final SiteId SITE = new SiteId("yard");
    private static final By SERVER = new By(null, "127.0.0.1");

    @TempDir
    Path folder;

    private final GivenClock clock = new GivenClock(Instant.EPOCH);
    private Database database;
    private Persons persons;
    private Seats seats;
    private Links links;
    private Records records;
    private Sessions sessions;
    private Team team;
    private Credentials credentials;
    private Person ines;

    @BeforeEach
    void open() {
        at(Instant.parse("2026-11-25T12:00:00Z"));
        database = Database.open(folder);
        persons = new Persons(database, clock);
        seats = new Seats(database);
        links = new Links(database, clock);
        records = new Records(database, clock);
        sessions = new Sessions(database, InstantSource.system());
        team = new Team(database, persons, links, sessions, clock, new Random(1));
        credentials = new Credentials(database, persons, links, sessions, records);
        ines = team.found(SERVER, INES_ID, "Ines@Yard.example ", "Ines  Holm", "hash");
        new Workspaces(database, clock, new Random(1)).begin(SITE, INES_ID, List.of());
    }

    @AfterEach
    void close() {
        sessions.close();
        database.close();
    }

    private void at(Instant now) {
        clock.set(now);
    }

    private By ines() {
        return new By(ines.id(), "127.0.0.1");
    }

    private Team.Invited rosa() {
        return team.invite(ines(), new Team.Invitation("rosa@yard.example", "", Map.of(SITE, Role.EDITOR), false));
    }

    private Person come(Team.Invited invited) {
        return team.come(SERVER, invited.token(), "Rosa Lind", "hash");
    }

    @SuppressWarnings("unchecked")
    private String signIn(String person) {
        SessionRepository<Session> all = (SessionRepository<Session>) (SessionRepository<?>) sessions;
        Session session = all.createSession();
        session.setAttribute(Sessions.PERSON, person);
        all.save(session);
        return session.getId();
    }

    private static void refused(String code, org.assertj.core.api.ThrowableAssert.ThrowingCallable work) {
        assertThatThrownBy(work)
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
    }

    @Test
    void anInvitationIsGoodOnceAndTheLatestAlone() {
        Team.Invited first = rosa();
        Team.Invited second = rosa();
        assertThat(second.person().id()).isEqualTo(first.person().id());
        refused("no-invitation", () -> come(first));
        assertThat(seats.role(SITE, second.person())).as("not come yet").isEmpty();
        Person here = come(second);
        assertThat(seats.role(SITE, here)).contains(Role.EDITOR);
        assertThat(persons.byEmail("ROSA@yard.example").map(Person::name)).contains("Rosa Lind");
        refused("no-invitation", () -> come(second));
        refused("here-already", this::rosa);
    }

    @Test
    void anInvitationIsGoodForSevenDays() {
        Team.Invited invited = rosa();
        at(clock.instant().plus(Duration.ofDays(7)));
        refused("no-invitation", () -> come(invited));
    }

    @Test
    void aFolderIsFoundedOnce() {
        refused("set-up-already", () -> team.found(SERVER, new PersonId("eve"), "eve@yard.example", "Eve", "hash"));
    }

    @Test
    void theLastOwnerStays() {
        refused("last-owner", () -> team.deactivate(ines(), INES_ID));
        refused("last-owner", () -> team.own(ines(), INES_ID, false));
        Person rosa = come(rosa());
        team.own(ines(), rosa.id(), true);
        team.own(new By(rosa.id(), ""), INES_ID, false);
        refused("last-owner", () -> team.deactivate(ines(), rosa.id()));
    }

    /** At once: sessions, links and seats are worth nothing; the name stays until it is erased. */
    @Test
    void whoIsDeactivatedIsOutAndWhoIsErasedHasNoNameLeft() {
        Person rosa = come(rosa());
        String session = signIn(rosa.id().text());
        String forgotten = credentials.forgotten(SERVER, rosa);
        List<String> ended = new ArrayList<>();
        sessions.onEnd(ended::add);
        team.deactivate(ines(), rosa.id());
        assertThat(ended).containsExactly(session);
        assertThat(sessions.isOpen(session)).isFalse();
        assertThat(seats.role(SITE, persons.find(rosa.id()).orElseThrow())).isEmpty();
        refused("no-link", () -> credentials.reset(SERVER, forgotten, "new"));
        refused("unknown-person", () -> credentials.rename(ines(), rosa, "Still here"));
        assertThat(persons.find(rosa.id()).map(Person::name)).contains("Rosa Lind");
        team.bringBack(ines(), rosa.id());
        refused("not-deactivated", () -> team.erase(ines(), rosa.id()));
        team.deactivate(ines(), rosa.id());
        team.erase(ines(), rosa.id());
        assertThat(persons.find(rosa.id()).map(Person::name)).contains(Person.NOBODY);
        assertThat(persons.byEmail("rosa@yard.example")).isEmpty();
        assertThat(persons.all()).extracting(Person::state).containsExactly(State.ACTIVE);
    }

    @Test
    void aNewPasswordEndsAllSessionsButTheOneInWhichItWasSet() {
        List<String> ids = List.of(signIn("ines"), signIn("ines"), signIn("ines"));
        credentials.setPassword(ines(), ines, "other", ids.get(1));
        assertThat(ids).filteredOn(sessions::isOpen).containsExactly(ids.get(1));
    }

    @Test
    void anAddressIsTakenWhenItsLinkIsUsedAndBelongsToOnePerson() {
        Person rosa = come(rosa());
        refused("address-taken", () -> credentials.confirming(rosa, "INES@yard.example"));
        String token = credentials.confirming(rosa, "rosa.lind@yard.example");
        assertThat(persons.byEmail("rosa@yard.example")).isPresent();
        credentials.confirm(SERVER, token);
        assertThat(persons.byEmail("rosa.lind@yard.example").map(Person::id)).contains(rosa.id());
        refused("no-link", () -> credentials.confirm(SERVER, token));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "rosa", "rosa@", "@yard.example", "a b@yard.example", "rosa@yard..example", "r@y\n.example"})
    void whatIsNoAddressIsRefused(String email) {
        refused(
                "bad-address",
                () -> team.invite(ines(), new Team.Invitation(email, "", Map.of(SITE, Role.EDITOR), false)));
    }

    @Test
    void everyDeedHasItsLineAndNoneCanBeChangedOrTakenAwayBeforeItsTime() {
        Person rosa = come(rosa());
        team.seat(ines(), rosa.id(), SITE, Role.MANAGER);
        team.unseat(ines(), rosa.id(), SITE);
        team.unseat(ines(), rosa.id(), SITE);
        assertThat(records.find(new Records.Asked(null, null, null, null, 10)))
                .extracting(Records.Line::deed)
                .containsExactly(Deed.SEAT_TAKEN, Deed.SEAT_GIVEN, Deed.CAME, Deed.INVITED, Deed.SET_UP);
        assertThat(records.find(new Records.Asked(SITE, null, Deed.SEAT_GIVEN, null, 10)))
                .extracting(Records.Line::detail)
                .containsExactly("MANAGER");
        String now = Instant.now().toString();
        database.sql()
                .sql("insert into record (at, deed) values ('" + now + "', 'CAME')")
                .update();
        assertThatThrownBy(() ->
                        database.sql().sql("update record set who = 'eve'").update())
                .hasMessageContaining("only appended to");
        assertThatThrownBy(() -> database.sql()
                        .sql("delete from record where at = '" + now + "'")
                        .update())
                .hasMessageContaining("kept for 30 days");
    }

    @Test
    void aCodeIsTypedAsPeopleTypeIt() {
        String code = links.makeCode(PersonalLink.Purpose.SET_UP);
        assertThat(code).matches("[a-z2-9]{4}-[a-z2-9]{4}-[a-z2-9]{4}");
        assertThat(links.find(
                        PersonalLink.Purpose.SET_UP,
                        Links.plain(code.toUpperCase().replace("-", " "))))
                .isPresent();
        assertThat(links.find(PersonalLink.Purpose.INVITATION, Links.plain(code)))
                .isEmpty();
        links.makeCode(PersonalLink.Purpose.SET_UP);
        assertThat(links.find(PersonalLink.Purpose.SET_UP, Links.plain(code))).isEmpty();
    }
}
