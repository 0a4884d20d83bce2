package venue.store.people;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/** The rows of people: known by id and by address. Who may change what is {@link Team}'s. */
public final class Persons {

    private static final String COLUMNS =
            "select id, email, name, password, owner, may_give, state, since, seen_at from person";
    private static final String ADD = """
            insert into person (id, email, name, password, owner, may_give, state, since)
            values (:id, :email, :name, :password, :owner, :mayGive, :state, :since)
            """;
    private static final String CHANGE = """
            update person set email = :email, name = :name, password = :password, owner = :owner, may_give = :mayGive,
              state = :state where id = :id
            """;
    private static final Duration SEEN_EVERY = Duration.ofMinutes(2);

    private final Database database;
    private final InstantSource clock;
    private final Map<PersonId, Instant> seen = new ConcurrentHashMap<>();

    public Persons(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Keeps a new person; a password must have been hashed. */
    public void add(Person person) {
        write(ADD, person, true);
    }

    void change(Person person) {
        write(CHANGE, person, false);
    }

    private void write(String statement, Person person, boolean isNew) {
        var row = database.sql()
                .sql(statement)
                .param("id", person.id())
                .param("email", Email.normal(person.email()))
                .param("name", person.name())
                .param("password", person.password())
                .param("owner", person.owner())
                .param("mayGive", person.mayGive())
                .param("state", person.state().name());
        (isNew ? row.param("since", person.since()) : row).update();
    }

    public Optional<Person> byEmail(String email) {
        return database.sql()
                .sql(COLUMNS + " where email = :email")
                .param("email", Email.normal(email))
                .query(Person.class)
                .optional();
    }

    public Optional<Person> find(PersonId id) {
        return database.sql()
                .sql(COLUMNS + " where id = :id")
                .param("id", id)
                .query(Person.class)
                .optional();
    }

    /** Everybody but those erased, by name. */
    public List<Person> all() {
        return database.sql()
                .sql(COLUMNS + " where state <> 'ERASED' order by name, email")
                .query(Person.class)
                .list();
    }

    /** Whether the folder has been set up. */
    public boolean any() {
        return database.sql()
                .sql("select exists (select 1 from person)")
                .query(Boolean.class)
                .single();
    }

    /** Remembers that somebody is here; written down now and then. */
    public void seen(PersonId id) {
        Instant now = clock.instant();
        Instant before = seen.get(id);
        if (before == null || before.plus(SEEN_EVERY).isBefore(now)) {
            seen.put(id, now);
            database.write(() -> database.sql()
                    .sql("update person set seen_at = :at where id = :id")
                    .param("at", now.toString())
                    .param("id", id)
                    .update());
        }
    }

    /** Puts the first steps of a site away for somebody. */
    public void putAway(PersonId id, SiteId site) {
        database.write(() -> database.sql()
                .sql("insert into put_away (person, site) values (:id, :site) on conflict do nothing")
                .param("id", id)
                .param("site", site)
                .update());
    }

    public boolean hasPutAway(PersonId id, SiteId site) {
        return database.sql()
                .sql("select exists (select 1 from put_away where person = :id and site = :site)")
                .param("id", id)
                .param("site", site)
                .query(Boolean.class)
                .single();
    }
}
