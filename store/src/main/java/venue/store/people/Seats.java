package venue.store.people;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.store.database.Database;

/** Who is what in which site. */
public final class Seats {

    /** What a person is in one site. */
    public record Seat(SiteId site, PersonId person, Role role) {}

    private final Database database;

    public Seats(Database database) {
        this.database = database;
    }

    /** What somebody is in a site: an owner manages every one; empty for whom it does not exist. */
    public Optional<Role> role(SiteId site, Person person) {
        if (!person.isActive()) {
            return Optional.empty();
        }
        return person.owner() ? Optional.of(Role.MANAGER) : seat(site, person.id());
    }

    /** The same for many sites; those that do not exist for somebody are left out. */
    public Map<SiteId, Role> roles(Collection<SiteId> sites, Person person) {
        Map<SiteId, Role> of = person.owner() || !person.isActive() ? Map.of() : rolesOf(person.id());
        return sites.stream()
                .filter(s -> person.isActive() && (person.owner() || of.containsKey(s)))
                .collect(Collectors.toMap(s -> s, s -> of.getOrDefault(s, Role.MANAGER)));
    }

    Optional<Role> seat(SiteId site, PersonId person) {
        return database.sql()
                .sql("select role from seat where site = :site and person = :person")
                .param("site", site)
                .param("person", person)
                .query(Role.class)
                .optional();
    }

    /** All seats of all sites. */
    public List<Seat> all() {
        return database.sql()
                .sql("select site, person, role from seat order by site, person")
                .query(Seat.class)
                .list();
    }

    /** The sites in which somebody has a seat, and their role there. */
    public Map<SiteId, Role> rolesOf(PersonId person) {
        return of(person).stream().collect(Collectors.toMap(Seat::site, Seat::role));
    }

    private List<Seat> of(PersonId person) {
        return database.sql()
                .sql("select site, person, role from seat where person = :person order by site")
                .param("person", person)
                .query(Seat.class)
                .list();
    }

    void put(SiteId site, PersonId person, Role role) {
        database.sql()
                .sql("insert into seat (site, person, role) values (:site, :person, :role)"
                        + " on conflict (site, person) do update set role = excluded.role")
                .param("site", site)
                .param("person", person)
                .param("role", role.name())
                .update();
    }

    boolean remove(SiteId site, PersonId person) {
        return database.sql()
                        .sql("delete from seat where site = :site and person = :person")
                        .param("site", site)
                        .param("person", person)
                        .update()
                > 0;
    }

    void removeAll(PersonId person) {
        database.sql()
                .sql("delete from seat where person = :person")
                .param("person", person)
                .update();
    }
}
