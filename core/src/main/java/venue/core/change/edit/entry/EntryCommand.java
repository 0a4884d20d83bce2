package venue.core.change.edit.entry;

import venue.core.change.edit.Command;

/** What is done to entries, which have no page. */
public sealed interface EntryCommand extends Command permits PutEntries, MoveEntry, RemoveEntries {}
