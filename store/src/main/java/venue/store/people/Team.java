package venue.store.people;

import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.model.site.Role;
import venue.store.database.Database;
import venue.store.link.Links;
import venue.store.link.PersonalLink;
import venue.store.people.Person.State;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.session.Sessions;

/** Who belongs here and what they are: each change with its line in the record, in one transaction, and told afterwards. */
public final class Team {

    private final Database database;
    private final Persons persons;
    private final Seats seats;
    private final Links links;
    private final Sessions sessions;
    private final Records records;
    private final InstantSource clock;
    private final RandomGenerator chance;
    private final List<Consumer<PersonId>> listeners = new CopyOnWriteArrayList<>();

    public Team(
            Database database,
            Persons persons,
            Links links,
            Sessions sessions,
            InstantSource clock,
            RandomGenerator chance) {
        this.database = database;
        this.persons = persons;
        this.links = links;
        this.sessions = sessions;
        this.clock = clock;
        this.chance = chance;
        seats = new Seats(database);
        records = new Records(database, clock);
    }

    /**
     * Whom to invite, and what they are to be.
     *
     * @param name what they are called, as far as is known; they say so themselves when they come
     * @param seats their role by site
     */
    public record Invitation(String email, String name, Map<SiteId, Role> seats, boolean owner) {

        public Invitation {
            seats = Map.copyOf(seats);
        }
    }

    /** Somebody for whom a link has been made, and its token, which is told this once. */
    public record Invited(Person person, String token) {}

    /** Tells of whoever may do other things from now on, by id. */
    public void onChange(Consumer<PersonId> listener) {
        listeners.add(listener);
    }

    /** Refuses where somebody has set the folder up already. */
    public void requireNobody() {
        if (persons.any()) {
            throw Refusal.conflict(
                    "set-up-already",
                    "code",
                    "This installation is set up already.",
                    "Sign in, or ask one of its owners to invite you.");
        }
    }

    /** The first owner, of a folder that nobody has set up. */
    public Person found(By by, PersonId id, String email, String name, String hash) {
        return database.write(() -> {
            requireNobody();
            Person person = fresh(id, Email.check(email, "email"), PersonName.check(name), hash, true, State.ACTIVE);
            persons.add(person);
            records.write(Deed.SET_UP, new By(person.id(), by.origin()), null, person.id(), null);
            return person;
        });
    }

    private Person fresh(PersonId id, String email, String name, @Nullable String hash, boolean owner, State state) {
        String since = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
        return new Person(id, email, name, hash, owner, false, state, since, null);
    }

    /** Invites somebody, or makes whoever has not come yet a new link; the one before is no longer good. */
    public Invited invite(By by, Invitation invitation) {
        return database.write(() -> {
            String email = Email.check(invitation.email(), "email");
            Optional<Person> known = persons.byEmail(email);
            known.ifPresent(Team::requireInvited);
            Person person = known.orElseGet(() -> invited(email, invitation));
            invitation.seats().forEach((site, role) -> seats.put(site, person.id(), role));
            if (known.isPresent() && invitation.owner() != person.owner()) {
                persons.change(person.owning(invitation.owner()));
            }
            records.write(Deed.INVITED, by, null, person.id(), null);
            return new Invited(person, links.make(PersonalLink.Purpose.INVITATION, person.id(), null));
        });
    }

    private Person invited(String email, Invitation invitation) {
        String name = invitation.name().isBlank() ? "" : PersonName.check(invitation.name());
        Person person = fresh(PersonId.fresh(chance), email, name, null, invitation.owner(), State.INVITED);
        persons.add(person);
        return person;
    }

    private static void requireInvited(Person known) {
        if (known.isActive()) {
            throw Refusal.conflict(
                    "here-already",
                    "email",
                    known.called() + " is here already.",
                    "Change what they may do in the list of people.");
        }
        if (known.state() == State.DEACTIVATED) {
            throw Refusal.conflict(
                    "deactivated", "email", known.called() + " has been deactivated.", "Bring them back instead.");
        }
    }

    /** Lets in whoever holds an invitation, with the name they go by and their password's hash. */
    public Person come(By by, String token, String name, String hash) {
        return database.write(() -> {
            PersonalLink link =
                    links.use(PersonalLink.Purpose.INVITATION, token).orElseThrow(Team::noInvitation);
            Person invited = require(link.holder());
            Person here =
                    invited.named(PersonName.check(name)).withPassword(hash).in(State.ACTIVE);
            persons.change(here);
            records.write(Deed.CAME, new By(here.id(), by.origin()), null, here.id(), null);
            return here;
        });
    }

    /** Whom an invitation is for. */
    public Person holder(String token) {
        return links.find(PersonalLink.Purpose.INVITATION, token)
                .flatMap(l -> persons.find(l.holder()))
                .orElseThrow(Team::noInvitation);
    }

    private static Refusal noInvitation() {
        return Refusal.conflict(
                "no-invitation",
                "token",
                "This invitation has been used, is older than seven days, or another has taken its place.",
                "Sign in if you have been here before, or ask whoever invited you for a new link.");
    }

    /** Writes down that a site was made. */
    public void madeSite(By by, SiteId site) {
        records.write(Deed.SITE_MADE, by, site, null, null);
    }

    /** Gives somebody a role in a site, in place of the one they had. */
    public void seat(By by, PersonId id, SiteId site, Role role) {
        change(id, () -> {
            Person person = require(id);
            seats.put(site, id, role);
            records.write(Deed.SEAT_GIVEN, by, site, person.id(), role.name());
        });
    }

    /** Takes somebody away from a site. */
    public void unseat(By by, PersonId id, SiteId site) {
        change(id, () -> {
            if (seats.remove(site, require(id).id())) {
                records.write(Deed.SEAT_TAKEN, by, site, id, null);
            }
        });
    }

    /** Makes somebody an owner, or no longer one. */
    public void own(By by, PersonId id, boolean owner) {
        change(id, () -> {
            Person person = require(id);
            if (person.owner() != owner) {
                if (!owner) {
                    requireAnotherOwner(person);
                }
                persons.change(person.owning(owner));
                records.write(owner ? Deed.OWNER_MADE : Deed.OWNER_UNMADE, by, null, id, null);
            }
        });
    }

    /** Lets somebody who manages a site give of it to all sites, or no longer. */
    public void letGive(By by, PersonId id, boolean may) {
        change(id, () -> {
            Person p = require(id);
            if (p.mayGive() != may) {
                persons.change(p.giving(may));
                records.write(may ? Deed.MAY_GIVE : Deed.MAY_NOT_GIVE, by, null, id, null);
            }
        });
    }

    /** Shuts somebody out at once; what they did keeps their name. */
    public void deactivate(By by, PersonId id) {
        change(id, () -> {
            Person person = require(id);
            requireAnotherOwner(person);
            persons.change(person.in(State.DEACTIVATED));
            endLinks(id);
            records.write(Deed.DEACTIVATED, by, null, id, null);
        });
        sessions.end(id, null);
    }

    /** Lets somebody in again; whoever never came needs a new invitation. */
    public void bringBack(By by, PersonId id) {
        change(id, () -> {
            Person person = require(id);
            if (person.state() == State.DEACTIVATED) {
                persons.change(person.in(person.password() == null ? State.INVITED : State.ACTIVE));
                records.write(Deed.BROUGHT_BACK, by, null, id, null);
            }
        });
    }

    /** Takes name and address of a deactivated person away for good. */
    public void erase(By by, PersonId id) {
        change(id, () -> {
            Person person = require(id);
            if (person.state() != State.DEACTIVATED) {
                throw Refusal.conflict(
                        "not-deactivated", "id", person.called() + " is not deactivated.", "Deactivate them first.");
            }
            seats.removeAll(id);
            persons.change(person.erased());
            records.write(Deed.ERASED, by, null, id, null);
        });
    }

    private void endLinks(PersonId id) {
        for (PersonalLink.Purpose purpose : PersonalLink.Purpose.values()) {
            links.end(purpose, id);
        }
    }

    private void requireAnotherOwner(Person person) {
        boolean another =
                persons.all().stream().anyMatch(p -> p.owner() && p.isActive() && !p.id().equals(person.id()));
        if (person.owner() && person.isActive() && !another) {
            throw Refusal.conflict(
                    "last-owner",
                    "id",
                    person.called() + " is the last owner: nobody could make sites or invite people any more.",
                    "Make somebody else an owner first.");
        }
    }

    /** Somebody who has not been erased. */
    public Person require(PersonId id) {
        return persons.find(id)
                .filter(p -> p.state() != State.ERASED)
                .orElseThrow(() -> Refusal.unknown("person", id.text()));
    }

    private void change(PersonId id, Runnable work) {
        Supplier<Boolean> all = () -> {
            work.run();
            return true;
        };
        database.write(all);
        listeners.forEach(l -> l.accept(id));
    }
}
