package venue.core.change.edit;

import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.text.Letters;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;

/** Names of templates, kinds and patterns: short, and each once; and the line that says what they are for. */
public final class Names {

    private static final int LONGEST = 60;
    private static final int LONGEST_NOTE = 200;

    private Names() {}

    /** A name as one line that can be seen, of at most {@code longest} characters. */
    public static String line(String noun, String name, int longest, String fix) {
        String words = Letters.line(name);
        if (Letters.isUnseen(words) || words.length() > longest) {
            throw Refusal.badInput(
                    "bad-name",
                    "name",
                    "A " + noun + "'s name has 1 to " + longest + " characters that can be seen; this has "
                            + (Letters.isUnseen(words) ? 0 : words.length()) + ".",
                    fix);
        }
        return words;
    }

    public static String check(Edition edition, Class<? extends Item> type, String id, String name) {
        String noun = ItemSort.nounOf(type);
        String words = line(noun, name, LONGEST, "Give one that says what it is for.");
        edition.all(type)
                .filter(t -> !t.id().equals(id) && t.name().equalsIgnoreCase(words))
                .findFirst()
                .ifPresent(t -> {
                    throw Refusal.conflict(
                            "name-taken",
                            "name",
                            "There is a " + noun + " called “" + t.name() + "” already.",
                            "Give this one another name.");
                });
        return words;
    }

    public static String checkNote(String note) {
        if (note.length() > LONGEST_NOTE) {
            throw Refusal.badInput(
                    "too-long",
                    "note",
                    "This note has " + note.length() + " characters; " + LONGEST_NOTE + " fit.",
                    "Say in a line what it is for.");
        }
        return note.strip();
    }
}
