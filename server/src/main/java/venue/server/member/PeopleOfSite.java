package venue.server.member;

import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Seats;

/** The people who make a site, as far as its members have to do with them. */
@Component
class PeopleOfSite {

    private final Persons persons;
    private final Seats seats;

    PeopleOfSite(Persons persons, Seats seats) {
        this.persons = persons;
        this.seats = seats;
    }

    /** Their addresses: a member with one of these is somebody apart, with a password of their own. */
    Set<String> emails(SiteId site) {
        Set<PersonId> seated = seats.all().stream()
                .filter(s -> s.site().equals(site))
                .map(Seats.Seat::person)
                .collect(Collectors.toSet());
        return persons.all().stream()
                .filter(p -> p.owner() || seated.contains(p.id()))
                .map(Person::email)
                .collect(Collectors.toSet());
    }
}
