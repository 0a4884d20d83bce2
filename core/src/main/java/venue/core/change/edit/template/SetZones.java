package venue.core.change.edit.template;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.body.element.Elements;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

/** Gives a template these zones in this order. Zones that stay keep their sections; only empty ones can go. */
@JsonTypeName("set-zones")
record SetZones(String template, List<WantedZone> zones) implements TemplateCommand {

    private static final int MOST = 12;

    SetZones {
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
        for (WantedZone wanted : zones) {
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

    private static Zone zone(Template target, WantedZone wanted, Set<String> keys) {
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
