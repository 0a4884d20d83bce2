package venue.store.people;

import java.util.Objects;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.store.database.Database;
import venue.store.link.Links;
import venue.store.link.PersonalLink;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.session.Sessions;

/** What people change of their own: name, address, password. A new password ends their other sessions. */
public final class Credentials {

    private final Database database;
    private final Persons persons;
    private final Links links;
    private final Sessions sessions;
    private final Records records;

    public Credentials(Database database, Persons persons, Links links, Sessions sessions, Records records) {
        this.database = database;
        this.persons = persons;
        this.links = links;
        this.sessions = sessions;
        this.records = records;
    }

    public void rename(By by, Person person, String typed) {
        String name = PersonName.check(typed);
        if (!name.equals(person.name())) {
            keep(by, person.id(), Deed.NAME_CHANGED, p -> p.named(name));
        }
    }

    /** Makes the link that confirms a new address; it is sent there and nowhere else. */
    public String confirming(Person person, String typed) {
        String email = Email.check(typed, "email");
        requireFree(email);
        return links.make(PersonalLink.Purpose.EMAIL, person.id(), email);
    }

    /** Takes the new address that a link confirms. */
    public Person confirm(By by, String token) {
        return database.write(() -> {
            PersonalLink link =
                    links.use(PersonalLink.Purpose.EMAIL, token).orElseThrow(() -> notGood("confirms an address"));
            String email = Objects.requireNonNull(link.detail());
            requireFree(email);
            PersonId id = link.holder();
            return keep(new By(id, by.origin()), id, Deed.ADDRESS_CHANGED, p -> p.at(email));
        });
    }

    private void requireFree(String email) {
        if (persons.byEmail(email).isPresent()) {
            throw Refusal.conflict(
                    "address-taken", "email", "“" + email + "” belongs to somebody here.", "Give another address.");
        }
    }

    /** A better hash of the same password. */
    public void rehash(Person person, String hash) {
        database.write(() -> {
            persons.find(person.id()).ifPresent(p -> persons.change(p.withPassword(hash)));
            return hash;
        });
    }

    /** A new password; their sessions end, but for the one in which they changed it. */
    public void setPassword(By by, Person person, String hash, @Nullable String session) {
        keep(by, person.id(), Deed.PASSWORD_CHANGED, p -> p.withPassword(hash));
        sessions.end(person.id(), session);
    }

    /** Makes the link by which somebody sets a new password. */
    public String forgotten(By by, Person person) {
        if (!person.isActive()) {
            throw Refusal.conflict(
                    "not-here",
                    "id",
                    person.called() + " can't sign in: they have not come yet, or have been deactivated.",
                    "Invite them, or bring them back first.");
        }
        return database.write(() -> {
            records.write(Deed.PASSWORD_LINK, by, null, person.id(), null);
            return links.make(PersonalLink.Purpose.PASSWORD, person.id(), null);
        });
    }

    /** Whose password a link sets; it stays good. */
    public Person forgetful(String token) {
        return links.find(PersonalLink.Purpose.PASSWORD, token)
                .flatMap(l -> persons.find(l.holder()))
                .filter(Person::isActive)
                .orElseThrow(() -> notGood("sets a password"));
    }

    /** Sets the password for which a link was made; the link is used and the password set, or neither. */
    public Person reset(By by, String token, String hash) {
        return database.write(() -> {
            Person person = forgetful(token);
            if (links.use(PersonalLink.Purpose.PASSWORD, token).isEmpty()) {
                throw notGood("sets a password");
            }
            setPassword(new By(person.id(), by.origin()), person, hash, null);
            return person;
        });
    }

    /** Ends a person's other sessions; gives how many. */
    public int endOthers(By by, Person person, String session) {
        int ended = sessions.end(person.id(), session);
        records.write(Deed.SESSIONS_ENDED, by, null, person.id(), String.valueOf(ended));
        return ended;
    }

    private static Refusal notGood(String does) {
        return Refusal.conflict(
                "no-link",
                "token",
                "This link no longer " + does + ": it has been used, is too old, or another has taken its place.",
                "Ask for a new one.");
    }

    private Person keep(By by, PersonId id, Deed deed, UnaryOperator<Person> change) {
        return database.write(() -> {
            Person changed = persons.find(id)
                    .filter(Person::isActive)
                    .map(change)
                    .orElseThrow(() -> Refusal.unknown("person", id.text()));
            persons.change(changed);
            records.write(deed, by, null, id, null);
            return changed;
        });
    }
}
