package venue.core.basics.item;

/** Anything a manager edits: its content is immutable, and a change makes a new one under the same id. */
public interface Item {

    /** Unique within a site; lower-case letters, digits and hyphens, at most 40. */
    String id();

    /** What people call it. */
    String name();
}
