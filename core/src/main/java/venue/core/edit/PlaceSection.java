package venue.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.page.Page;
import venue.core.pattern.Pattern;
import venue.core.section.Section;
import venue.core.section.Zones;

/**
 * Puts a section onto a page: from a pattern, or empty with the given columns.
 *
 * @param index where in the zone, from 0; beyond the end means at the end
 * @param id the new section's id; a pattern of several sections makes further ids
 * @param spans widths in twelfths, where no pattern is named
 */
public record PlaceSection(
        String page,
        String zone,
        int index,
        String id,
        @Nullable String pattern,
        List<Integer> spans) implements Command {

    public PlaceSection {
        spans = spans == null ? List.of() : List.copyOf(spans);
    }

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page target = edition.require(Page.class, page);
        requireZone(edition, target, zone);
        Ids.check(id, "id");
        if (pattern == null) {
            Section section = Section.empty(id, "Section", spans);
            return Change.of("add a section", target.withZones(target.zones().insert(zone, index, section)));
        }
        Pattern from = edition.require(Pattern.class, pattern);
        Zones zones = target.zones();
        for (int i = 0; i < from.sections().size(); i++) {
            String newId = i == 0 ? id : desk.freshId();
            Section copy = Starters.copy(desk, from.id(), from.sections().get(i), newId);
            zones = zones.insert(zone, index + i, copy);
        }
        return Change.of("add " + from.name(), target.withZones(zones));
    }

    /** Refuses a zone that the page's template does not have, unless the page has sections there already. */
    static void requireZone(Edition edition, Page page, String zone) {
        boolean known = edition.worn(page).template().zone(zone).isPresent()
                || page.zones().byKey().containsKey(zone);
        if (!known) {
            throw Refusal.badInput(
                    "unknown-zone",
                    "zone",
                    "The template " + edition.worn(page).template().name() + " has no zone “" + zone + "”.",
                    "Choose one of its zones.");
        }
    }
}
