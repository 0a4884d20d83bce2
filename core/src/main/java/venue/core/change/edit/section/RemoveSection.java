package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.WritesIn;
import venue.core.model.section.Sectioned;

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
