package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.WritesIn;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.section.Zones;

/**
 * Moves a section within its page; one that waits on the shelf comes back from it.
 *
 * @param index its place in the zone once it has been taken out, from 0
 */
@JsonTypeName("move-section")
record MoveSection(String item, String section, String zone, int index) implements SectionCommand, WritesIn {

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        PlaceSection.requireZone(desk.edition(), target, zone);
        return desk.edition()
                .page(item)
                .flatMap(page -> page.shelf().stream()
                        .filter(s -> s.id().equals(section))
                        .findFirst()
                        .map(shelved -> fromShelf(page, shelved)))
                .orElseGet(() -> within(target));
    }

    private Change within(Sectioned target) {
        String name = target.body().require(section).section().name();
        return Change.of("move " + name, target.withBody(target.body().move(section, zone, index)));
    }

    private Change fromShelf(Page page, Section shelved) {
        List<Section> left = new ArrayList<>(page.shelf());
        left.remove(shelved);
        Zones zones = page.zones().insert(zone, index, shelved.withShelvedFrom(null));
        return Change.of("take " + shelved.name() + " from the shelf", page.withTemplate(page.template(), zones, left));
    }
}
