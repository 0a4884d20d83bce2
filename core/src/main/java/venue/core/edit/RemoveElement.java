package venue.core.edit;

import java.util.Locale;
import venue.core.element.Elements;
import venue.core.fault.Refusal;
import venue.core.page.Page;
import venue.core.section.Element;
import venue.core.section.Section;

/** Takes an element out of its section. */
public record RemoveElement(String page, String section, String element) implements Command {

    @Override
    public Change on(Desk desk) {
        Page target = desk.edition().require(Page.class, page);
        Section at = target.zones().require(section).section();
        Element going = at.element(element).orElseThrow(() -> Refusal.unknown("element", element));
        return Change.of(
                "remove " + Elements.require(going.kind()).name().toLowerCase(Locale.ROOT) + " from " + at.name(),
                target.withZones(target.zones().change(section, s -> without(s, element))));
    }

    static Section without(Section section, String elementId) {
        return section.withColumns(section.columns().stream()
                .map(c -> c.withElements(c.elements().stream()
                        .filter(e -> !e.id().equals(elementId))
                        .toList()))
                .toList());
    }
}
