package venue.core.edit;

import java.util.Locale;
import venue.core.element.Elements;
import venue.core.fault.Refusal;
import venue.core.page.Page;
import venue.core.section.Element;
import venue.core.section.Section;

/** Moves an element within its section, to {@code index} of a column once it has been taken out. */
public record MoveElement(String page, String section, String element, String column, int index) implements Command {

    @Override
    public Change on(Desk desk) {
        Page target = desk.edition().require(Page.class, page);
        Section at = target.zones().require(section).section();
        Element moving = at.element(element).orElseThrow(() -> Refusal.unknown("element", element));
        return Change.of(
                "move " + Elements.require(moving.kind()).name().toLowerCase(Locale.ROOT) + " in " + at.name(),
                target.withZones(target.zones()
                        .change(
                                section,
                                s -> PlaceElement.inserted(RemoveElement.without(s, element), column, index, moving))));
    }
}
