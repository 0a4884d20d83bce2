package venue.server.mail;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.core.model.site.Site;
import venue.server.app.Origins;
import venue.store.live.AskedReleases.Back;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Seats;

/** Letters about releases that are asked for, where mail is set up. Nobody waits for them. */
@Component
public class ReleaseMail {

    private final Post post;
    private final Languages languages;
    private final Origins origins;
    private final Persons persons;
    private final Seats seats;

    ReleaseMail(Post post, Languages languages, Origins origins, Persons persons, Seats seats) {
        this.post = post;
        this.languages = languages;
        this.origins = origins;
        this.persons = persons;
        this.seats = seats;
    }

    /** Tells the managers of a site; where it has none, the owners. */
    public void asked(SiteId id, Site site, Person by, String word) {
        List<Person> managers = seats.all().stream()
                .filter(s -> s.site().equals(id) && s.role() == Role.MANAGER)
                .flatMap(s -> persons.find(s.person()).stream())
                .filter(Person::isActive)
                .toList();
        Stream<Person> told =
                managers.isEmpty() ? persons.all().stream().filter(p -> p.owner() && p.isActive()) : managers.stream();
        told.filter(p -> !p.id().equals(by.id()))
                .forEach(p -> tell(p, id, "releaseAsked", by.name(), site.name(), word));
    }

    /** Tells whoever asked. */
    public void givenBack(SiteId id, Site site, Person by, PersonId asker, Back back) {
        persons.find(asker)
                .filter(Person::isActive)
                .ifPresent(p -> tell(p, id, "releaseGivenBack", by.name(), site.name(), back.word()));
    }

    private void tell(Person to, SiteId site, String key, Object... with) {
        String screen = origins.ofInterface().get(0) + "/" + site + "/releases";
        post.tell(to.email(), Letters.letter(languages.of(to), key, screen, with));
    }
}
