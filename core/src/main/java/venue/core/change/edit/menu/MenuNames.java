package venue.core.change.edit.menu;

import venue.core.basics.fault.Refusal;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;

/** What a menu may be called: one line, and no two alike. */
final class MenuNames {

    private static final int LONGEST = 40;

    private MenuNames() {}

    static String check(Desk desk, String menu, String name) {
        String words = Names.line("menu", name, LONGEST, "Give it one that says what it is for.");
        if (desk.edition().menus().stream()
                .anyMatch(m -> !m.id().equals(menu) && m.name().equalsIgnoreCase(words))) {
            throw Refusal.conflict(
                    "name-taken", "name", "There is a menu called “" + words + "” already.", "Take another name.");
        }
        return words;
    }
}
