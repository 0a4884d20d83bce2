package venue.core.edit;

import java.util.Locale;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.item.Item;

/** Names of templates and kinds: short, and each once; and the line that says what they are for. */
final class Names {

    private static final int LONGEST = 60;
    private static final int LONGEST_NOTE = 200;

    private Names() {}

    static String check(Edition edition, Class<? extends Item> type, String id, String name) {
        String words = name.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
        String noun = type.getSimpleName().toLowerCase(Locale.ROOT);
        if (words.isEmpty() || words.length() > LONGEST) {
            throw Refusal.badInput(
                    "bad-name",
                    "name",
                    "A " + noun + "'s name has 1 to " + LONGEST + " characters; this has " + words.length() + ".",
                    "Give one that says what pages it is for.");
        }
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

    static String checkNote(String note) {
        if (note.length() > LONGEST_NOTE) {
            throw Refusal.badInput(
                    "too-long",
                    "note",
                    "This note has " + note.length() + " characters; " + LONGEST_NOTE + " fit.",
                    "Say in a line what pages it is for.");
        }
        return note.strip();
    }
}
