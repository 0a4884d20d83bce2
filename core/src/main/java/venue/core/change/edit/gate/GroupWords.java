package venue.core.change.edit.gate;

import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Letters;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.model.gate.Group;

/** What a group may be called, and say of itself: one line each, and no two called alike. */
final class GroupWords {

    private GroupWords() {}

    static String name(Desk desk, String group, String typed) {
        String name = Names.line("group", typed, Group.LONGEST_NAME, "Give it the name that its members know.");
        if (desk.edition()
                .all(Group.class)
                .anyMatch(g -> !g.id().equals(group) && g.name().equalsIgnoreCase(name))) {
            throw Refusal.conflict(
                    "name-taken", "name", "There is a group called “" + name + "” already.", "Take another name.");
        }
        return name;
    }

    static String note(String typed) {
        String note = Letters.line(typed);
        if (note.length() > Group.LONGEST_NOTE) {
            throw Refusal.badInput(
                    "too-long",
                    "note",
                    "The note has " + note.length() + " characters; " + Group.LONGEST_NOTE + " fit.",
                    "Say in a few words what the group is for.");
        }
        return note;
    }
}
