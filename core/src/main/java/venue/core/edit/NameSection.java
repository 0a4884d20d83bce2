package venue.core.edit;

import venue.core.fault.Refusal;
import venue.core.page.Page;

/** Renames a section; only managers see the name. */
public record NameSection(String page, String section, String name) implements Command {

    private static final int LONGEST = 80;

    @Override
    public Change on(Desk desk) {
        Page target = desk.edition().require(Page.class, page);
        String words = name.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
        if (words.isEmpty() || words.length() > LONGEST) {
            throw Refusal.badInput(
                    "bad-name",
                    "name",
                    "A section's name has 1 to " + LONGEST + " characters; this has " + words.length() + ".",
                    "Give a shorter name that says what the section is for.");
        }
        return Change.of("name of " + words, target.withZones(target.zones().change(section, s -> s.withName(words))));
    }
}
