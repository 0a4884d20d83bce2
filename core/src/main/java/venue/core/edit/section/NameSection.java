package venue.core.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.Names;
import venue.core.edit.WritesIn;
import venue.core.section.Sectioned;

/**
 * Renames a section; only managers see the name.
 *
 * @param name empty for what it goes by
 */
@JsonTypeName("name-section")
record NameSection(String item, String section, String name) implements SectionCommand, WritesIn {

    private static final int LONGEST = 80;

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        String words = name.isBlank()
                ? ""
                : Names.line("section", name, LONGEST, "Give a name that says what the section is for.");
        return Change.of(
                "name of " + (words.isEmpty() ? "a section" : words),
                target.withBody(target.body().change(section, s -> s.withName(words))));
    }
}
