package venue.core.edit;

import venue.core.fault.Refusal;
import venue.core.section.Sectioned;

/** Renames a section; only managers see the name. */
public record NameSection(String item, String section, String name) implements WritesIn {

    private static final int LONGEST = 80;

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        String words = name.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
        if (words.isEmpty() || words.length() > LONGEST) {
            throw Refusal.badInput(
                    "bad-name",
                    "name",
                    "A section's name has 1 to " + LONGEST + " characters; this has " + words.length() + ".",
                    "Give a shorter name that says what the section is for.");
        }
        return Change.of("name of " + words, target.withBody(target.body().change(section, s -> s.withName(words))));
    }
}
