package venue.core.sort;

import java.util.Optional;
import venue.core.basics.item.Item;
import venue.core.model.entry.Entry;

/** Entries without pages. */
final class EntrySort extends Sort<Entry> {

    EntrySort() {
        super(Entry.class);
    }

    @Override
    Optional<Item> anew(Entry entry, String id, Walk walk) {
        return Optional.of(new Entry(
                id,
                entry.name(),
                walk.needed(entry.kind()).orElse(entry.kind()),
                entry.position(),
                walk.fields(entry.kind(), entry.fields())));
    }

    @Override
    Optional<Item> called(Entry entry, String name) {
        return Optional.of(entry.withName(name));
    }
}
