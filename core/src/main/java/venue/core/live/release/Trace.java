package venue.core.live.release;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import venue.core.basics.item.PersonId;

/**
 * How an item came to differ from what visitors have.
 *
 * @param who everybody who changed it since
 * @param groups the groups of steps that did, the earliest first; empty where they are too many to be told apart
 */
public record Trace(Set<PersonId> who, List<String> groups) {

    /** Where nobody remembers. */
    public static final Trace UNKNOWN = new Trace(Set.of(), List.of());

    private static final int MOST = 4;

    public Trace {
        who = Set.copyOf(who);
        groups = groups.size() > MOST ? List.of() : List.copyOf(groups);
    }

    public static Trace of(PersonId who, String group) {
        return new Trace(Set.of(who), List.of(group));
    }

    /** The same, and somebody changed it once more. */
    public Trace and(PersonId person, String group) {
        Set<PersonId> all = new LinkedHashSet<>(who);
        all.add(person);
        List<String> more = new ArrayList<>(groups);
        if (!groups.isEmpty() && !groups.contains(group)) {
            more.add(group);
        }
        return new Trace(all, more);
    }
}
