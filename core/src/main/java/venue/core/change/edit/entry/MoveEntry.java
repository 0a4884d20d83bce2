package venue.core.change.edit.entry;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.edit.Positions;
import venue.core.model.entry.Entry;

/**
 * Moves an entry among the others of its kind.
 *
 * @param before the entry that shall follow; absent for the end
 */
@JsonTypeName("move-entry")
record MoveEntry(String entry, @Nullable String before) implements EntryCommand, ForEditors {

    @Override
    public Change on(Desk desk) {
        Entry moving = desk.edition().require(Entry.class, entry);
        List<Entry> others = desk.edition().entries(moving.kind()).stream()
                .filter(e -> !e.id().equals(entry))
                .toList();
        int index = Positions.index(others.stream().map(Entry::id).toList(), before, "entry");
        Positions.Spread spread =
                Positions.among(others.stream().map(Entry::position).toList(), index, 1);
        List<Item> put = new ArrayList<>(List.of(moving.at(spread.positions().get(0))));
        for (int i = 0; i < others.size(); i++) {
            if (others.get(i).position() != spread.others().get(i)) {
                put.add(others.get(i).at(spread.others().get(i)));
            }
        }
        return new Change("move " + moving.name(), put, List.of());
    }
}
