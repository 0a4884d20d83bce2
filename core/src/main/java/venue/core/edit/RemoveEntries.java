package venue.core.edit;

import java.util.List;
import venue.core.entry.Entry;
import venue.core.fault.Refusal;
import venue.core.text.Words;

/** Removes entries of kinds that have no pages. */
public record RemoveEntries(List<String> entries) implements Command {

    public RemoveEntries {
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
