package venue.core.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.WritesIn;
import venue.core.item.Ids;
import venue.core.section.Sectioned;
import venue.core.section.Zones;

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
