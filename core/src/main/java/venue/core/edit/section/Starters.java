package venue.core.edit.section;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import venue.core.edit.Desk;
import venue.core.section.Origin;
import venue.core.section.Section;
import venue.core.section.Zones;
import venue.core.template.Template;
import venue.core.template.Zone;

/** Copies of sections that remember where they came from. */
public final class Starters {

    private Starters() {}

    /** The starter sections of a template, as a new page takes them. */
    public static Zones of(Desk desk, Template template) {
        Map<String, List<Section>> byZone = new HashMap<>();
        for (Zone zone : template.zones()) {
            byZone.put(
                    zone.key(),
                    zone.starters().stream()
                            .map(s -> copy(desk, template.id(), s, desk.freshId()))
                            .toList());
        }
        return new Zones(byZone);
    }

    /** A section as a copy of its origin's, under a new id; columns and elements keep theirs. */
    static Section copy(Desk desk, String originItem, Section section, String id) {
        String taken = desk.hashOf().apply(originItem);
        return section.withId(id).withOrigin(new Origin(originItem, section.id(), taken));
    }
}
