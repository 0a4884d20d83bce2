package venue.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import venue.core.element.Elements;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.property.PropertyCheck;
import venue.core.section.Column;
import venue.core.section.Element;
import venue.core.section.Section;
import venue.core.section.Sectioned;
import venue.core.value.Value;
import venue.core.value.Values;

/** Puts a new element into a column, {@code index} from the top. */
public record PlaceElement(
        String item, String section, String column, int index, String id, String kind, Map<String, Value> props)
        implements WritesIn {

    public PlaceElement {
        props = Values.copy(props);
    }

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        var declared = Elements.require(kind);
        Element element = new Element(Ids.check(id, "id"), kind, PropertyCheck.all(declared.properties(), props, kind));
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
