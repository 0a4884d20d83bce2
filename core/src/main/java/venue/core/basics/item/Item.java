package venue.core.basics.item;

import java.util.stream.Stream;

/** Anything a manager edits: its content is immutable, and a change makes a new one under the same id. */
public interface Item {

    /** Unique within a site; lower-case letters, digits and hyphens, at most 40. */
    String id();

    /** What people call it. */
    String name();

    /** Ids of the items that it leads to by itself; what its sections and fields name is found in them. */
    default Stream<String> leadsTo() {
        return Stream.empty();
    }
}
