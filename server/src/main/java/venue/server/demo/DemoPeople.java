package venue.server.demo;

import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.item.PersonId;
import venue.core.model.site.Role;
import venue.demo.KestrelMoor;
import venue.server.signin.Passwords;
import venue.store.member.Member;
import venue.store.member.Members;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Team;
import venue.store.record.By;

/** The two who work on the demo, and its members. */
@Component
class DemoPeople {

    static final String MANAGER = "maja@kestrel-moor.example";
    static final String EDITOR = "tomas@kestrel-moor.example";
    static final PersonId MANAGER_ID = new PersonId("maja");
    private static final String MANAGER_NAME = "Maja Åkerlund";
    private static final PersonId EDITOR_ID = new PersonId("tomas");
    private static final String EDITOR_NAME = "Tomás Jurado";

    private final Persons persons;
    private final Team team;
    private final Passwords passwords;
    private final Members members;
    private final InstantSource clock;

    DemoPeople(Persons persons, Team team, Passwords passwords, Members members, InstantSource clock) {
        this.members = members;
        this.persons = persons;
        this.team = team;
        this.passwords = passwords;
        this.clock = clock;
    }

    /** Both with one password. */
    void come(String password) {
        String hash = passwords.encode(password);
        String since = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
        persons.add(Person.here(MANAGER_ID, MANAGER, MANAGER_NAME, hash, since).owning(true));
        persons.add(Person.here(EDITOR_ID, EDITOR, EDITOR_NAME, hash, since));
        By demo = new By(MANAGER_ID, "the demo");
        team.seat(demo, MANAGER_ID, KestrelMoor.ID, Role.MANAGER);
        team.seat(demo, EDITOR_ID, KestrelMoor.ID, Role.EDITOR);
        persons.putAway(MANAGER_ID, KestrelMoor.ID);
        member("friend", "Priya Nand", Member.State.ACTIVE, hash, "friends");
        member("crew", "Noor Hollis", Member.State.ACTIVE, hash, "crew");
        member("trustee", "Edda Brack", Member.State.ACTIVE, hash, "trustees", "friends");
        member("warden", "Siân Pell", Member.State.ACTIVE, hash, "crew", "friends");
        member("member", "Oskar Lind", Member.State.ACTIVE, hash);
        member("newcomer", "Tamsin Gale", Member.State.ASKED, null);
    }

    private void member(String called, String name, Member.State state, @Nullable String hash, String... groups) {
        members.add(KestrelMoor.ID, called + "@kestrel-moor.example", name, state, hash, Set.of(groups));
    }
}
