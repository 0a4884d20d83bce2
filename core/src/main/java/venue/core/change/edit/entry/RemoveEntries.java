package venue.core.change.edit.entry;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Words;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.model.entry.Entry;

/** Removes entries of kinds that have no pages. */
@JsonTypeName("remove-entries")
record RemoveEntries(List<String> entries) implements EntryCommand, ForEditors {

    RemoveEntries {
        entries = List.copyOf(entries);
    }

    @Override
    public Change on(Desk desk) {
        if (entries.isEmpty()) {
            throw Refusal.badInput("bad-count", "entries", "No entry is named.", "Name those that are to go.");
        }
        entries.forEach(id -> desk.edition().require(Entry.class, id));
        return new Change("remove " + Words.count(entries.size(), "entry", "entries"), List.of(), entries);
    }
}
