package venue.core.edit.menu;

import venue.core.edit.Desk;
import venue.core.edit.Names;
import venue.core.fault.Refusal;

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
