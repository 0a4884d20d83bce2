package venue.core.change.edit.entry;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.item.Item;
import venue.core.basics.text.Words;
import venue.core.basics.value.Value;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.change.edit.ForEditors;
import venue.core.change.edit.References;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;

/**
 * Makes entries of a kind that has no pages, at the end, or changes those that are there.
 *
 * @param entries of each, what is to be set; fields that are not named stay as they are
 */
@JsonTypeName("put-entries")
record PutEntries(String kind, List<Put> entries) implements EntryCommand, ForEditors {

    private static final int MOST = 500;
    private static final long APART = 1 << 20;

    /** @param reset keys of fields that are to be as the kind says again */
    public record Put(String id, String name, Map<String, Value> fields, List<String> reset) {
        public Put {
            fields = fields == null ? Map.of() : Map.copyOf(fields);
            reset = reset == null ? List.of() : List.copyOf(reset);
        }
    }

    public PutEntries {
        entries = List.copyOf(entries);
    }

    private void check(Kind of) {
        if (!of.isPageless()) {
            throw Refusal.badInput(
                    "has-pages", "kind", of.pages() + " are made in the Plan.", "Make a page, or choose another kind.");
        }
        if (entries.isEmpty() || entries.size() > MOST) {
            throw Refusal.badInput(
                    "bad-count",
                    "entries",
                    entries.size() + " entries at once; 1 to " + MOST + " can be kept.",
                    "Send them in several steps of one group; they are undone together.");
        }
    }

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Kind of = edition.require(Kind.class, kind);
        check(of);
        long last =
                edition.entries(kind).stream().mapToLong(Entry::position).max().orElse(0);
        List<Item> put = new ArrayList<>();
        for (Put wanted : entries) {
            Optional<Item> there = edition.find(wanted.id());
            if (there.isPresent()
                    && edition.find(Entry.class, wanted.id())
                            .filter(e -> e.kind().equals(kind))
                            .isEmpty()) {
                throw Refusal.conflict("id-taken", "id", "Something else has this id.", "Give it another.");
            }
            if (there.isEmpty() && of.retired()) {
                throw Refusal.badInput(
                        "kind-retired",
                        "kind",
                        of.name() + " is retired: what there is stays, and no more are made.",
                        "Offer the kind again first.");
            }
            last += APART;
            Entry entry = there.map(Entry.class::cast)
                    .orElse(new Entry(Ids.check(wanted.id(), "id"), "", kind, last, Map.of()));
            put.add(set(edition, of, entry, wanted));
        }
        String name = put.size() == 1 ? put.get(0).name() : Words.count(put.size(), "entry", "entries");
        return new Change(of.name() + ": " + name, put, List.of());
    }

    private static Entry set(Edition edition, Kind kind, Entry entry, Put wanted) {
        Entry now = entry.withName(Page.checkTitle(wanted.name()));
        for (Map.Entry<String, Value> field : wanted.fields().entrySet()) {
            Property declared = PropertyCheck.require(kind.fields(), field.getKey(), field.getKey());
            now = now.with(field.getKey(), References.checked(edition, declared, field.getValue(), field.getKey()));
        }
        for (String key : wanted.reset()) {
            now = now.with(key, null);
        }
        return now;
    }
}
