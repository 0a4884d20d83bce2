package venue.server.here;

import venue.core.basics.fault.Refusal;
import venue.store.people.Person;
import venue.store.record.By;

/**
 * Whom a request comes from that names no site.
 *
 * @param origin the address that it came from
 */
public record Caller(Person person, String origin) {

    /** Whose doing it is, for the record. */
    public By by() {
        return new By(person.id(), origin);
    }

    /** Refuses what only owners may do. */
    public void requireOwner(String what) {
        if (!person.owner()) {
            throw Refusal.forbidden(
                    "owners-only", "Only owners of this installation may " + what + ".", "Ask one of them to do it.");
        }
    }
}
