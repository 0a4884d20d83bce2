package venue.core.change.fitting;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import venue.core.basics.fault.Refusal;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.template.Zone;

/** What the zones of a template take. What stood in a zone before it became choosier may stay as it is. */
public final class ZoneTakes {

    private ZoneTakes() {}

    /** Refuses sections that a change has brought into a zone, or changed there, and that the zone does not take. */
    public static void check(Edition before, Edition after, Page page) {
        Zones was = before.page(page.id()).map(Page::zones).orElse(Zones.NONE);
        for (Zone zone : after.worn(page).template().zones()) {
            List<Section> stood = was.in(zone.key());
            page.zones().in(zone.key()).stream()
                    .filter(s -> !stood.contains(s))
                    .forEach(s -> whyNot(after, zone, s).ifPresent(why -> {
                        throw Refusal.badInput(
                                "zone-refuses", "zone", why, "Place it in another zone, or leave that element out.");
                    }));
        }
    }

    /** Why a zone does not take a section; empty when it does. */
    static Optional<String> whyNot(Edition edition, Zone zone, Section section) {
        Section shown = edition.shown(section);
        String refused = shown.elements()
                .filter(e -> !zone.takes(e))
                .map(Element::kind)
                .distinct()
                .map(ZoneTakes::name)
                .collect(Collectors.joining(" and "));
        return refused.isEmpty()
                ? Optional.empty()
                : Optional.of("The zone " + zone.name() + " takes no " + refused + ", and “" + shown.name()
                        + "” holds that. It takes "
                        + zone.accepts().stream().map(ZoneTakes::name).collect(Collectors.joining(", ")) + ".");
    }

    private static String name(String kind) {
        return Elements.find(kind)
                .map(ElementKind::name)
                .map(n -> n.toLowerCase(Locale.ROOT))
                .orElse(kind);
    }
}
