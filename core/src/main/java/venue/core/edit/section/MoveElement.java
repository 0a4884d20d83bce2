package venue.core.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Locale;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.WritesIn;
import venue.core.element.Elements;
import venue.core.fault.Refusal;
import venue.core.section.Element;
import venue.core.section.Section;
import venue.core.section.Sectioned;

/** Moves an element within its section, to {@code index} of a column once it has been taken out. */
@JsonTypeName("move-element")
record MoveElement(String item, String section, String element, String column, int index)
        implements SectionCommand, WritesIn {

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        Section at = target.body().require(section).section();
        Element moving = at.element(element).orElseThrow(() -> Refusal.unknown("element", element));
        return Change.of(
                "move " + Elements.require(moving.kind()).name().toLowerCase(Locale.ROOT) + " in " + at.name(),
                target.withBody(target.body()
                        .change(
                                section,
                                s -> PlaceElement.inserted(RemoveElement.without(s, element), column, index, moving))));
    }
}
