package venue.core.change.edit.section;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Origin;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

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

    /** The same with a pattern's sections in the main zone, instead of the template's own there. */
    public static Zones with(Desk desk, Template template, Pattern pattern) {
        String main = mainZone(template);
        Map<String, List<Section>> byZone = new HashMap<>(of(desk, template).byKey());
        byZone.put(
                main,
                pattern.sections().stream()
                        .map(s -> copy(desk, pattern.id(), s, desk.freshId()))
                        .toList());
        return new Zones(byZone);
    }

    /** The pattern, where it may be placed. */
    public static Pattern offered(Edition edition, String pattern) {
        Pattern found = edition.require(Pattern.class, pattern);
        if (!found.isOffered()) {
            throw Refusal.conflict(
                    "not-offered",
                    "pattern",
                    "“" + found.name() + "” " + (found.retired() ? "is retired." : "holds no section yet."),
                    found.retired() ? "Choose another, or offer it again." : "Put one into it first.");
        }
        return found;
    }

    static String mainZone(Template template) {
        return template.zones(ZoneRole.MAIN).stream()
                .findFirst()
                .map(Zone::key)
                .orElseThrow(() -> Refusal.badInput(
                        "no-main-zone",
                        "template",
                        "The template " + template.name() + " has no main zone.",
                        "Choose another template first."));
    }

    /** A section as a copy of its origin's, under a new id; columns and elements keep theirs. */
    static Section copy(Desk desk, String originItem, Section section, String id) {
        Hash taken = desk.hashOf().apply(originItem);
        return section.withId(id).withOrigin(new Origin(originItem, section.id(), taken));
    }
}
