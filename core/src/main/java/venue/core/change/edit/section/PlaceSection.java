package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.WritesIn;
import venue.core.edition.edition.Edition;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.section.SharedSection;
import venue.core.model.section.Zones;

/**
 * Puts a section onto a page: from a pattern, as a shared one, or empty with the given columns.
 *
 * @param index where in the zone, from 0; beyond the end means at the end
 * @param id the new section's id; a pattern of several sections makes further ids
 * @param shared the shared section that is to show there
 * @param spans widths in twelfths, where neither is named
 */
@JsonTypeName("place-section")
record PlaceSection(
        String item,
        String zone,
        int index,
        String id,
        @Nullable String pattern,
        @Nullable String shared,
        List<Integer> spans)
        implements SectionCommand, WritesIn {

    PlaceSection {
        spans = spans == null ? List.of() : List.copyOf(spans);
    }

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Sectioned target = edition.require(Sectioned.class, item);
        requireZone(edition, target, zone);
        Ids.check(id, "id");
        if (pattern != null) {
            return fromPattern(desk, target, Starters.offered(edition, pattern));
        }
        if (shared != null && edition.find(Pattern.class, item).isPresent()) {
            throw Refusal.badInput(
                    "shared-in-pattern",
                    "shared",
                    "What a pattern holds is copied, and a shared section is the same everywhere.",
                    "Place the shared section on pages, or write the section here anew.");
        }
        Section section = shared == null
                ? Section.empty(id, "", spans)
                : Section.showing(id, edition.require(SharedSection.class, shared));
        return Change.of("add " + name(section), target.withBody(target.body().insert(zone, index, section)));
    }

    private static String name(Section section) {
        return section.sharedFrom().isPresent() ? section.name() : "a section";
    }

    private Change fromPattern(Desk desk, Sectioned target, Pattern from) {
        Zones zones = target.body();
        int first = Math.min(index, zones.in(zone).size());
        for (int i = 0; i < from.sections().size(); i++) {
            String newId = i == 0 ? id : desk.freshId();
            Section copy = Starters.copy(desk, from.id(), from.sections().get(i), newId);
            zones = zones.insert(zone, first + i, copy);
        }
        return Change.of("add " + from.name(), target.withBody(zones));
    }

    /** Refuses a zone that is not there, unless sections stand in it already. */
    static void requireZone(Edition edition, Sectioned target, String zone) {
        Sectioned zoned = edition.page(target.id())
                .<Sectioned>map(p -> edition.worn(p).template())
                .orElse(target);
        if (target.body().byKey().containsKey(zone) || zoned.hasZone(zone)) {
            return;
        }
        throw Refusal.badInput(
                "unknown-zone",
                "zone",
                "“" + zoned.name() + "” has no zone “" + zone + "”.",
                "Choose one of its zones.");
    }
}
