package venue.core.edit;

import venue.core.item.Ids;
import venue.core.section.Sectioned;
import venue.core.section.Zones;

/** Duplicates a section right after itself; the copy has the same origin. */
public record CopySection(String item, String section, String id) implements WritesIn {

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
