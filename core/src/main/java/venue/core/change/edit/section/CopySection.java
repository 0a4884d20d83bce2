package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.basics.item.Ids;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.WritesIn;
import venue.core.model.section.Sectioned;
import venue.core.model.section.Zones;

/** Duplicates a section right after itself; the copy has the same origin. */
@JsonTypeName("copy-section")
record CopySection(String item, String section, String id) implements SectionCommand, WritesIn {

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        Zones.Place place = target.body().require(section);
        Ids.check(id, "id");
        Zones zones = target.body()
                .insert(place.zone(), place.index() + 1, place.section().withId(id));
        return Change.of("duplicate " + place.section().name(), target.withBody(zones));
    }
}
