package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.Locale;
import venue.core.basics.fault.Refusal;
import venue.core.body.element.Elements;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.WritesIn;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;

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
