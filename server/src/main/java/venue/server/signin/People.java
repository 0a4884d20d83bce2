package venue.server.signin;

import java.security.Principal;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.InsufficientAuthenticationException;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.store.people.Person;
import venue.store.people.Persons;
import venue.store.people.Seats;
import venue.store.people.SecondSteps;
import venue.store.people.SignInRules;

/** Who is signed in, and what they may do: looked up at each request, so that a change of it holds at once. */
@Component
public class People {

    private final Persons persons;
    private final Seats seats;
    private final SecondSteps secondSteps;
    private final SignInRules rules;

    People(Persons persons, Seats seats, SecondSteps secondSteps, SignInRules rules) {
        this.persons = persons;
        this.seats = seats;
        this.secondSteps = secondSteps;
        this.rules = rules;
    }

    /** Whoever has an e-mail address, whether they may come in or not. */
    Optional<Person> called(String email) {
        return persons.byEmail(email);
    }

    /** Whoever a session belongs to, for what they may do of their own account. */
    public Person signedIn(@Nullable Principal principal) {
        Person person = Optional.ofNullable(principal)
                .flatMap(p -> persons.find(new PersonId(p.getName())))
                .filter(Person::isActive)
                .orElseThrow(() -> new InsufficientAuthenticationException("nobody who may be here"));
        persons.seen(person.id());
        return person;
    }

    /** The same, for everything else: they have a second step where one is asked of everybody. */
    public Person require(@Nullable Principal principal) {
        Person person = signedIn(principal);
        if (lacksSecondStep(person)) {
            throw Refusal.forbidden(
                    "second-step-asked",
                    "Everybody here signs in with a second step, and you have none yet.",
                    "Set it up under My account; it takes a minute.");
        }
        return person;
    }

    boolean lacksSecondStep(Person person) {
        return rules.asksSecondStep() && !secondSteps.isOn(person.id());
    }

    /** What somebody may do in a site in this window, or less where they look through an editor's eyes; empty for nothing. */
    public Optional<Role> role(Principal principal, Person person, SiteId site) {
        return seats.role(site, person).map(role -> principal instanceof AsEditor ? Role.EDITOR : role);
    }

    /** Whether somebody may see anything of a site. */
    public boolean maySee(PersonId id, SiteId site) {
        return persons.find(id).flatMap(p -> seats.role(site, p)).isPresent();
    }

    /** What somebody in the journal is called; those without an account keep the name they were written down with. */
    public String nameOf(PersonId who) {
        return persons.find(who).map(Person::called).orElse(who.text());
    }

    /** The same for a list, in which each person is looked up once. */
    public Function<PersonId, String> names() {
        Map<PersonId, String> known = new HashMap<>();
        return who -> known.computeIfAbsent(who, this::nameOf);
    }
}
