package venue.server.demo;

import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import org.springframework.stereotype.Component;
import venue.core.basics.item.PersonId;
import venue.core.model.site.Role;
import venue.demo.KestrelMoor;
import venue.server.signin.Passwords;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Team;
import venue.store.record.By;

/** The two who work on the demo. */
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
    private final InstantSource clock;

    DemoPeople(Persons persons, Team team, Passwords passwords, InstantSource clock) {
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
    }
}
