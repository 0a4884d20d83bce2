package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Names;
import venue.core.change.edit.WritesIn;
import venue.core.model.section.Sectioned;

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
