package venue.core.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.WritesIn;
import venue.core.section.Sectioned;

/** Takes a section off its page. */
@JsonTypeName("remove-section")
record RemoveSection(String item, String section) implements SectionCommand, WritesIn {

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        String name = target.body().require(section).section().name();
        return Change.of("remove " + name, target.withBody(target.body().remove(section)));
    }
}
