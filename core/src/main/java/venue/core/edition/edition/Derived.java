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

    /** Gives what is known here of orders to what is derived of the edition that comes of some changes. */
    void carryOn(Collection<ItemChange> turns, Derived after) {
        Ranks known = ranks;
        after.ranks = known == null ? null : known.after(turns, after.edition);
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
