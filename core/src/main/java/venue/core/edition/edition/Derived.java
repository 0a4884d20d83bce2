package venue.core.edition.edition;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

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

    /** Gives what is known here of orders, files and gates to what is derived of the edition that comes of some changes. */
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
        // What fields off the form keep is as the kind says.
        after.files = used == null || turns.stream().anyMatch(ItemChange::isOfFields)
                ? null
                : used.after(turns, edition, after.edition);
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
