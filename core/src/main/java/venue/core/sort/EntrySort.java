package venue.core.sort;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;

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

    @Override
    Item checked(Entry entry, WholeCheck check) {
        return new Entry(
                entry.id(),
                entry.name(),
                entry.kind(),
                entry.position(),
                check.fields(entry.kind(), entry.fields(), entry.name()));
    }

    @Override
    List<String> tells(@Nullable Entry live, Entry working, Between between) {
        String kind = between.working()
                .find(Kind.class, working.kind())
                .map(Kind::name)
                .orElse(working.kind());
        return List.of((live == null ? "New in " : "Changed in ") + kind);
    }

    @Override
    Stream<String> needs(Entry entry, Between between) {
        return Stream.concat(
                between.missing(Stream.of(entry.kind())),
                between.missing(between.working().factsOfFields(entry)));
    }

    @Override
    boolean isShapedAlike(Entry was, Edition before, Entry is, Edition after) {
        return true;
    }

    @Override
    Optional<Item> bare(Entry entry, Bare bare) {
        return Optional.empty();
    }
}
