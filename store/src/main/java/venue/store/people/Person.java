package venue.store.people;

import org.jspecify.annotations.Nullable;

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
        String id,
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

    Person owning(boolean is) {
        return new Person(id, email, name, password, is, mayGive, state, since, seenAt);
    }

    Person giving(boolean may) {
        return new Person(id, email, name, password, owner, may, state, since, seenAt);
    }

    Person in(State now) {
        return new Person(id, email, name, password, owner, mayGive, now, since, seenAt);
    }
}
