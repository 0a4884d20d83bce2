package venue.core.model.gate;

import venue.core.basics.item.Item;

/**
 * A named group of members. Who belongs to it is no part of it: that is kept with the members, outside every edition.
 *
 * @param note what the group is for, in a few words; or empty
 */
public record Group(String id, String name, String note) implements Item {

    /** The longest name, in characters. */
    public static final int LONGEST_NAME = 40;

    /** The longest note, in characters. */
    public static final int LONGEST_NOTE = 200;

    public Group {
        note = note == null ? "" : note;
    }

    public Group called(String words, String about) {
        return new Group(id, words, about);
    }

    public Group withId(String other) {
        return new Group(other, name, note);
    }
}
