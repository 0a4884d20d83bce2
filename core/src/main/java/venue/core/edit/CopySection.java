package venue.core.edit;

import venue.core.item.Ids;
import venue.core.page.Page;
import venue.core.section.Zones;

/** Duplicates a section right after itself; the copy has the same origin. */
public record CopySection(String page, String section, String id) implements Command {

    @Override
    public Change on(Desk desk) {
        Page target = desk.edition().require(Page.class, page);
        Zones.Place place = target.zones().require(section);
        Ids.check(id, "id");
        Zones zones = target.zones()
                .insert(place.zone(), place.index() + 1, place.section().withId(id));
        return Change.of("duplicate " + place.section().name(), target.withZones(zones));
    }
}
