package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.element.ElementKind;
import venue.core.body.element.Elements;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.References;
import venue.core.change.edit.WritesIn;
import venue.core.edition.edition.Edition;
import venue.core.model.section.Column;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.site.Role;

/** Puts a new element into a column, {@code index} from the top. */
@JsonTypeName("place-element")
record PlaceElement(
        String item, String section, String column, int index, String id, String kind, Map<String, Value> props)
        implements SectionCommand, WritesIn {

    PlaceElement {
        props = Values.copy(props);
    }

    /** Some kinds of element are the managers' own. */
    @Override
    public Role needs(Edition edition) {
        return Elements.find(kind).filter(ElementKind::isManagersOnly).isPresent()
                ? Role.MANAGER
                : WritesIn.super.needs(edition);
    }

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        var declared = Elements.require(kind);
        Element element = new Element(
                Ids.check(id, "id"), kind, References.checked(desk.edition(), declared.properties(), props, kind));
        Section at = target.body().require(section).section();
        if (at.element(id).isPresent()) {
            throw Refusal.conflict("id-taken", "id", "This element has been placed already.", "Reload to see it.");
        }
        return Change.of(
                "add " + declared.name().toLowerCase(java.util.Locale.ROOT) + " to " + at.name(),
                target.withBody(target.body().change(section, s -> inserted(s, column, index, element))));
    }

    static Section inserted(Section section, String columnId, int index, Element element) {
        if (section.columns().stream().noneMatch(c -> c.id().equals(columnId))) {
            throw Refusal.unknown("column", columnId);
        }
        List<Column> columns = new ArrayList<>();
        for (Column column : section.columns()) {
            List<Element> elements = new ArrayList<>(column.elements());
            if (column.id().equals(columnId)) {
                elements.add(Math.max(0, Math.min(index, elements.size())), element);
            }
            columns.add(column.withElements(elements));
        }
        return section.withColumns(columns);
    }
}
