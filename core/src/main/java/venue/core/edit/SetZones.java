package venue.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import venue.core.element.Elements;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.template.Template;
import venue.core.template.Zone;
import venue.core.template.ZoneRole;

/** Gives a template these zones in this order. Zones that stay keep their sections; only empty ones can go. */
public record SetZones(String template, List<Wanted> zones) implements ShapesSite {

    private static final int MOST = 12;

    /** A zone as it is to be; one with a new key is made. */
    public record Wanted(String key, String name, ZoneRole role, List<String> accepts) {
        public Wanted {
            accepts = accepts == null ? List.of() : List.copyOf(accepts);
        }
    }

    public SetZones {
        zones = List.copyOf(zones);
    }

    @Override
    public Change on(Desk desk) {
        Template target = desk.edition().require(Template.class, template);
        if (zones.size() > MOST || zones.stream().noneMatch(z -> z.role() == ZoneRole.MAIN)) {
            throw Refusal.badInput(
                    "bad-zones",
                    "zones",
                    "A template has a main zone and at most " + MOST + " zones.",
                    "Keep one in the middle.");
        }
        Set<String> keys = new HashSet<>();
        List<Zone> made = new ArrayList<>();
        for (Wanted wanted : zones) {
            made.add(zone(target, wanted, keys));
        }
        target.zones().stream()
                .filter(z -> !keys.contains(z.key()) && !z.sections().isEmpty())
                .findFirst()
                .ifPresent(z -> {
                    throw Refusal.conflict(
                            "zone-in-use",
                            "zones",
                            "The zone “" + z.name() + "” holds sections.",
                            "Move or remove them first.");
                });
        return Change.of("zones of " + target.name(), target.withZones(made));
    }

    private static Zone zone(Template target, Wanted wanted, Set<String> keys) {
        if (!keys.add(Ids.check(wanted.key(), "key"))) {
            throw Refusal.badInput(
                    "zone-twice", "zones", "Two zones have the key " + wanted.key() + ".", "Give each its own.");
        }
        String name = wanted.name().strip();
        if (name.isEmpty() || name.length() > 40) {
            throw Refusal.badInput("bad-name", "zones", "A zone's name has 1 to 40 characters.", "Give it one.");
        }
        wanted.accepts().forEach(Elements::require);
        return new Zone(
                wanted.key(),
                name,
                wanted.role(),
                wanted.accepts(),
                target.zone(wanted.key()).map(Zone::sections).orElse(List.of()));
    }
}
