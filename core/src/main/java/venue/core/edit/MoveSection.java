package venue.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import venue.core.page.Page;
import venue.core.section.Section;
import venue.core.section.Zones;

/**
 * Moves a section within its page; one that waits on the shelf comes back from it.
 *
 * @param index its place in the zone once it has been taken out, from 0
 */
public record MoveSection(String page, String section, String zone, int index) implements Command {

    @Override
    public Change on(Desk desk) {
        Page target = desk.edition().require(Page.class, page);
        PlaceSection.requireZone(desk.edition(), target, zone);
        Optional<Section> shelved =
                target.shelf().stream().filter(s -> s.id().equals(section)).findFirst();
        if (shelved.isPresent()) {
            List<Section> left = new ArrayList<>(target.shelf());
            left.remove(shelved.get());
            Zones zones = target.zones().insert(zone, index, shelved.get().withShelvedFrom(null));
            return Change.of(
                    "take " + shelved.get().name() + " from the shelf",
                    target.withTemplate(target.template(), zones, left));
        }
        String name = target.zones().require(section).section().name();
        return Change.of("move " + name, target.withZones(target.zones().move(section, zone, index)));
    }
}
