package venue.core.edition.edition;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentSet;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;

/** What was worked out of an edition and is likely to be wanted again; what has not been wanted for longest is let go. */
final class Derived {

    private static final int MOST = 200;

    private final Map<Object, Object> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Object, Object> eldest) {
            return size() > MOST;
        }
    };

    private final Edition edition;
    private volatile @Nullable Ranks ranks;
    private volatile @Nullable Files files;
    private volatile @Nullable Integer gates;
    private volatile @Nullable PersistentSet<String> showsOthers;

    Derived(Edition edition) {
        this.edition = edition;
    }

    Ranks ranks() {
        Ranks known = ranks;
        if (known == null) {
            known = new Ranks(edition);
            ranks = known;
        }
        return known;
    }

    Files files() {
        Files known = files;
        if (known == null) {
            known = Files.of(edition);
            files = known;
        }
        return known;
    }

    /** How many items have a gate of their own. */
    int gates() {
        Integer known = gates;
        if (known == null) {
            known = edition.items().stream()
                    .mapToInt(item -> Gates.own(edition, item))
                    .sum();
            gates = known;
        }
        return known;
    }

    /** The ids of the items that show more of others than names and places. */
    Set<String> showsOthers() {
        PersistentSet<String> known = showsOthers;
        if (known == null) {
            known = ExtensionsKt.toPersistentHashSet(edition.items().stream()
                    .filter(item -> ShowsOthers.tells(edition, item))
                    .map(Item::id)
                    .toList());
            showsOthers = known;
        }
        return known;
    }

    private static PersistentSet<String> showsOthers(
            PersistentSet<String> before, Collection<ItemChange> turns, Edition after) {
        PersistentSet.Builder<String> showsOthers = before.builder();
        turns.forEach(t -> {
            if (t.before() != null) {
                showsOthers.remove(t.before().id());
            }
            if (t.after() != null && ShowsOthers.tells(after, t.after())) {
                showsOthers.add(t.after().id());
            }
        });
        return showsOthers.build();
    }

    /** Gives what is known here to what is derived of the edition that comes of some changes. */
    void carryOn(Collection<ItemChange> turns, Derived after) {
        Ranks known = ranks;
        after.ranks = known == null ? null : known.after(turns, after.edition);
        Integer gated = gates;
        after.gates = gated == null
                ? null
                : gated
                        + turns.stream()
                                .mapToInt(t -> Gates.own(after.edition, t.after()) - Gates.own(edition, t.before()))
                                .sum();
        Files used = files;
        PersistentSet<String> tells = showsOthers;
        // What fields off the form keep is as the kind says, and what fields hold is of what it declares.
        if (turns.stream().noneMatch(ItemChange::isOfFields)) {
            after.files = used == null ? null : used.after(turns, edition, after.edition);
            after.showsOthers = tells == null ? null : showsOthers(tells, turns, after.edition);
        }
    }

    /** What is kept under a key, worked out where it is not. Two who ask at once may both work it out. */
    @SuppressWarnings("unchecked")
    <T> T get(Object key, Supplier<T> workOut) {
        synchronized (kept) {
            Object known = kept.get(key);
            if (known != null) {
                return (T) known;
            }
        }
        T made = workOut.get();
        synchronized (kept) {
            kept.put(key, made);
        }
        return made;
    }
}
