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

/** Takes an element out of its section. */
@JsonTypeName("remove-element")
record RemoveElement(String item, String section, String element) implements SectionCommand, WritesIn {

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        Section at = target.body().require(section).section();
        Element going = at.element(element).orElseThrow(() -> Refusal.unknown("element", element));
        return Change.of(
                "remove " + Elements.require(going.kind()).name().toLowerCase(Locale.ROOT) + " from " + at.name(),
                target.withBody(target.body().change(section, s -> without(s, element))));
    }

    static Section without(Section section, String elementId) {
        return section.withColumns(section.columns().stream()
                .map(c -> c.withElements(c.elements().stream()
                        .filter(e -> !e.id().equals(elementId))
                        .toList()))
                .toList());
    }
}
