package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/**
 * Begins a page anew from a pattern: its sections stand in the main zone instead of the page's own, which then wait on the
 * shelf.
 */
@JsonTypeName("take-pattern")
record TakePattern(String page, String pattern) implements SectionCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page target = edition.require(Page.class, page);
        Pattern from = Starters.offered(edition, pattern);
        String zone = Starters.mainZone(edition.worn(target).template());
        Page cleared = shelved(target, zone);
        Zones zones = cleared.zones();
        for (Section section : from.sections()) {
            zones = zones.insert(zone, Integer.MAX_VALUE, Starters.copy(desk, from.id(), section, desk.freshId()));
        }
        return Change.of("begin anew from " + from.name(), cleared.withZones(zones));
    }

    private static Page shelved(Page target, String zone) {
        List<Section> shelf = new ArrayList<>(target.shelf());
        Zones zones = target.zones();
        for (Section section : target.zones().in(zone)) {
            shelf.add(section.withShelvedFrom(zone));
            zones = zones.remove(section.id());
        }
        return target.withTemplate(target.template(), zones, shelf);
    }
}
