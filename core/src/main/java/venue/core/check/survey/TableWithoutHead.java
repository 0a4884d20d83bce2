package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.section.Element;

/** Tables whose columns and rows have no names. */
final class TableWithoutHead extends ContentRule {

    TableWithoutHead() {
        super(
                "table-without-head",
                "Table without a head",
                Severity.SHOULD_FIX,
                "Who is read it to hears numbers without what they are (WCAG 2.2, 1.3.1).");
    }

    @Override
    Stream<Finding> find(At at) {
        Element element = at.element();
        if (element.kind().equals("table")) {
            return isHeadless(element)
                    ? Stream.of(at.finding(
                            this,
                            "In a table neither the first row names the columns nor the first column the rows.",
                            new Finding.Mend(
                                    "Let its first row name the columns",
                                    ValueCommand.setValue(
                                            at.stand().item().id(),
                                            at.section().id(),
                                            element.id(),
                                            "headRow",
                                            Value.of(true)))))
                    : Stream.empty();
        }
        return rich(element, "<table").stream()
                .flatMap(text -> text.select("table").stream())
                .filter(table -> table.select("th").isEmpty())
                .limit(1)
                .map(table -> at.finding(this, "A table in a text has no cells that name its columns."));
    }

    private static boolean isHeadless(Element element) {
        return !Values.text(element.props(), "cells").isBlank()
                && element.props().get("headRow") instanceof Value.Flag row
                && !row.yes()
                && !Values.flag(element.props(), "headColumn");
    }
}
