package venue.core.change.edit.pattern;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.model.pattern.PatternGroups;

/** Gives a group of patterns another name; under the name of another group the two are one from then on. */
@JsonTypeName("name-group")
record NameGroup(String group, String name) implements PatternCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        List<String> order = PatternGroups.of(edition.site(), edition.patterns());
        if (!order.contains(group)) {
            throw Refusal.badInput(
                    "unknown-group", "group", "No pattern is in a group “" + group + "”.", "Choose one there is.");
        }
        String words = PatternNames.group(name);
        List<Item> put = new ArrayList<>();
        edition.patterns()
                .filter(p -> p.group().equals(group))
                .forEach(p -> put.add(p.described(p.name(), words, p.note())));
        put.add(edition.site()
                .withPatternGroups(order.stream()
                        .map(g -> g.equals(group) ? words : g)
                        .distinct()
                        .toList()));
        return new Change("name the group " + group + " " + words, put, List.of());
    }
}
