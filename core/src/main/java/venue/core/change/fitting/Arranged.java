package venue.core.change.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/**
 * A page's sections in the zones of another template: matched by key, then by the nearest role, then order. Those
 * that find no zone, or one that does not take them, are shelved.
 */
public final class Arranged {

    private Arranged() {}

    /** The page as it would wear {@code to}; shelved sections that find a zone again come back to it. */
    public static Page of(Edition edition, Page page, @Nullable String chosen, Template to) {
        Template from = edition.worn(page).template();
        Zones zones = Zones.NONE;
        List<Section> shelf = new ArrayList<>(page.shelf());
        for (String key : page.zones().byKey().keySet()) {
            Optional<Zone> zone = match(key, from, to);
            for (Section section : page.zones().in(key)) {
                if (zone.isPresent()
                        && ZoneTakes.whyNot(edition, zone.get(), section).isEmpty()) {
                    zones = zones.insert(zone.get().key(), Integer.MAX_VALUE, section);
                } else {
                    shelf.add(section.withShelvedFrom(key));
                }
            }
        }
        List<Section> stays = new ArrayList<>();
        for (Section section : shelf) {
            Optional<Zone> zone = section.shelvedFrom().flatMap(to::zone);
            if (zone.isPresent()
                    && ZoneTakes.whyNot(edition, zone.get(), section).isEmpty()) {
                zones = zones.insert(zone.get().key(), Integer.MAX_VALUE, section.withShelvedFrom(null));
            } else {
                stays.add(section);
            }
        }
        return page.withTemplate(chosen, zones, stays);
    }

    private static Optional<Zone> match(String key, Template from, Template to) {
        Optional<Zone> byKey = to.zone(key);
        if (byKey.isPresent()) {
            return byKey;
        }
        return from.zone(key).stream()
                .flatMap(old -> old.role().nearest().stream())
                .flatMap(role -> to.zones(role).stream())
                .findFirst();
    }
}
