package venue.store.people;

import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.PersonId;

/**
 * Somebody who works here, or did.
 *
 * @param password its hash; null until they have come
 * @param owner whether they may everything in the installation
 * @param mayGive whether a manager may give items of a site to all sites
 * @param since when they were invited or made, ISO 8601
 * @param seenAt when they were last here, to some minutes; null for never
 */
public record Person(
        PersonId id,
        String email,
        String name,
        @Nullable String password,
        boolean owner,
        boolean mayGive,
        State state,
        String since,
        @Nullable String seenAt) {

    /** What an erased person is called in history and record. */
    public static final String NOBODY = "a former member of the team";

    /** How somebody stands to the installation. */
    public enum State {
        /** Has a link and has not come yet. */
        INVITED,
        /** Can sign in. */
        ACTIVE,
        /** Can't sign in any more, and can be brought back. */
        DEACTIVATED,
        /** Name and address are gone for good. */
        ERASED
    }

    public boolean isActive() {
        return state == State.ACTIVE;
    }

    /** What other people call them; whoever is invited by address alone has no name yet. */
    public String called() {
        return name.isBlank() ? email : name;
    }

    /** Somebody who has come and set a password. */
    public static Person here(PersonId id, String email, String name, String password, String since) {
        return new Person(id, email, name, password, false, false, State.ACTIVE, since, null);
    }

    public Person owning(boolean is) {
        return but(d -> d.owner = is);
    }

    Person giving(boolean may) {
        return but(d -> d.mayGive = may);
    }

    Person in(State now) {
        return but(d -> d.state = now);
    }

    Person named(String other) {
        return but(d -> d.name = other);
    }

    Person at(String address) {
        return but(d -> d.email = address);
    }

    Person withPassword(@Nullable String hash) {
        return but(d -> d.password = hash);
    }

    /** What is left when name and address are gone for good. */
    Person erased() {
        return new Person(id, "erased:" + id, NOBODY, null, false, false, State.ERASED, since, null);
    }

    private Person but(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return new Person(
                id, draft.email, draft.name, draft.password, draft.owner, draft.mayGive, draft.state, since, seenAt);
    }

    private static final class Draft {
        private String email;
        private String name;
        private @Nullable String password;
        private boolean owner;
        private boolean mayGive;
        private State state;

        private Draft(Person person) {
            email = person.email;
            name = person.name;
            password = person.password;
            owner = person.owner;
            mayGive = person.mayGive;
            state = person.state;
        }
    }
}
