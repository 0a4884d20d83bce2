package venue.core.edit.entry;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.edit.Change;
import venue.core.edit.Desk;
import venue.core.edit.ForEditors;
import venue.core.entry.Entry;
import venue.core.fault.Refusal;
import venue.core.text.Words;

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
