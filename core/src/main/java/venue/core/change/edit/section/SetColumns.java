package venue.core.change.edit.section;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.WritesIn;
import venue.core.model.section.Column;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;

/**
 * Gives a section columns of these widths in twelfths. Where columns fall away, their elements go to the last that stays.
 */
@JsonTypeName("set-columns")
record SetColumns(String item, String section, List<Integer> spans) implements SectionCommand, WritesIn {

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        Section before = target.body().require(section).section();
        return Change.of(
                "columns of " + before.name(),
                target.withBody(target.body().change(section, s -> s.withColumns(columns(s.columns())))));
    }

    private List<Column> columns(List<Column> old) {
        List<Column> columns = new ArrayList<>();
        int most = old.stream().mapToInt(c -> number(c.id())).max().orElse(0);
        for (int i = 0; i < spans.size(); i++) {
            columns.add(
                    i < old.size()
                            ? old.get(i).withSpan(spans.get(i))
                            : new Column("c" + (most + 1 + i - old.size()), spans.get(i), List.of()));
        }
        if (!columns.isEmpty() && old.size() > columns.size()) {
            Column last = columns.get(columns.size() - 1);
            List<Element> elements = new ArrayList<>(last.elements());
            old.stream().skip(columns.size()).forEach(c -> elements.addAll(c.elements()));
            columns.set(columns.size() - 1, last.withElements(elements));
        }
        return columns;
    }

    private static int number(String id) {
        String digits = id.replaceAll("\\D", "");
        return digits.isEmpty() || digits.length() > 6 ? 0 : Integer.parseInt(digits);
    }
}
