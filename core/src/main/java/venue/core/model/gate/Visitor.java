package venue.core.model.gate;

import java.util.Set;

/**
 * Who looks at a site, as far as what they may see goes: two who are equal get the same.
 *
 * @param groups ids of the groups that a member belongs to
 */
public record Visitor(As as, Set<String> groups) {

    /** What somebody is to a site. */
    public enum As {
        /** Nobody knows who it is. */
        STRANGER,
        /** A member of the site who has signed in. */
        MEMBER,
        /** One of those who make the site, or somebody whom they let look. */
        US
    }

    public static final Visitor STRANGER = new Visitor(As.STRANGER, Set.of());

    public static final Visitor US = new Visitor(As.US, Set.of());

    public Visitor {
        groups = Set.copyOf(groups);
    }

    public static Visitor member(Set<String> groups) {
        return new Visitor(As.MEMBER, groups);
    }

    public boolean isStranger() {
        return as == As.STRANGER;
    }
}
