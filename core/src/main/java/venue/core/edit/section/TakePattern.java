package venue.core.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.ForEditors;
import venue.core.edition.Edition;
import venue.core.page.Page;
import venue.core.pattern.Pattern;
import venue.core.section.Section;
import venue.core.section.Zones;

/**
 * Puts a pattern of a whole page onto a page: after the page's own sections, or instead of them; theirs then wait on the
 * shelf.
 */
@JsonTypeName("take-pattern")
record TakePattern(String page, String pattern, boolean instead) implements SectionCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page target = edition.require(Page.class, page);
        Pattern from = edition.require(Pattern.class, pattern);
        String zone = Starters.mainZone(edition.worn(target).template());
        Page cleared = instead ? shelved(target, zone) : target;
        Zones zones = cleared.zones();
        for (Section section : from.sections()) {
            zones = zones.insert(zone, Integer.MAX_VALUE, Starters.copy(desk, from.id(), section, desk.freshId()));
        }
        return Change.of((instead ? "begin anew from " : "add ") + from.name(), cleared.withZones(zones));
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
