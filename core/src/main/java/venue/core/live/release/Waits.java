package venue.core.live.release;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.template.Template;
import venue.core.sort.Sorts;

/**
 * What waits to be released, put together as people did it: a branch in a new order is one change, and so is a roll-out, or whatever one
 * step did to many items. Immutable; carried on from step to step, at the cost of what a step changes. Whoever tells how many changes
 * wait asks here.
 */
public final class Waits {

    private static final String PLACE = "place ";
    private static final String TAKEN = "taken ";
    private static final String STEPS = "steps ";

    /** Nothing waits. */
    public static final Waits NOTHING = new Waits(
            ExtensionsKt.persistentHashMapOf(), ExtensionsKt.persistentHashMapOf(), ExtensionsKt.persistentHashMapOf());

    /** Of everything that differs, be it for visitors or not. */
    private final PersistentMap<String, Trace> traces;
    /** Of everything that differs for visitors, the change that it belongs to. */
    private final PersistentMap<String, String> keys;
    /** Of each change, how many items belong to it. */
    private final PersistentMap<String, Integer> changes;

    private Waits(
            PersistentMap<String, Trace> traces,
            PersistentMap<String, String> keys,
            PersistentMap<String, Integer> changes) {
        this.traces = traces;
        this.keys = keys;
        this.changes = changes;
    }

    /** The ids of all that differs. */
    public Set<String> ids() {
        return traces.keySet();
    }

    public Map<String, Trace> traces() {
        return traces;
    }

    /** How many changes wait. */
    public int size() {
        return changes.size();
    }

    /** How many changes some of the items belong to. */
    public int changesOf(Collection<String> items) {
        return (int) items.stream().flatMap(id -> keyOf(id).stream()).distinct().count();
    }

    /** The change that an item belongs to; empty where nothing of it waits. */
    Optional<String> keyOf(String item) {
        return Optional.ofNullable(keys.get(item));
    }

    /** The ids of items that belong together, by change. */
    public Map<String, List<String>> byChange() {
        Map<String, List<String>> all = new LinkedHashMap<>();
        keys.forEach(
                (id, key) -> all.computeIfAbsent(key, k -> new ArrayList<>()).add(id));
        return all;
    }

    /** Who did a change, and in which groups of steps: those of its items together. */
    Trace traceOf(Collection<String> items) {
        return items.stream()
                .map(id -> traces.getOrDefault(id, Trace.UNKNOWN))
                .reduce((a, b) -> a.equals(b) ? a : new Trace(union(a.who(), b.who()), List.of()))
                .orElse(Trace.UNKNOWN);
    }

    private static <T> Set<T> union(Set<T> a, Set<T> b) {
        return Stream.concat(a.stream(), b.stream()).collect(Collectors.toSet());
    }

    /**
     * How it stands after some items have changed.
     *
     * @param differing those of them that differ now, with how they came to
     * @param agreeing those that don't
     * @param hashOf the hash of an item's content in the working copy
     */
    public Waits after(
            Edition live,
            Edition working,
            Map<String, Trace> differing,
            Collection<String> agreeing,
            Function<String, Hash> hashOf) {
        PersistentMap.Builder<String, Trace> tracesNow = traces.builder();
        PersistentMap.Builder<String, String> keysNow = keys.builder();
        PersistentMap.Builder<String, Integer> changesNow = changes.builder();
        for (String id : agreeing) {
            tracesNow.remove(id);
            count(changesNow, keysNow.remove(id), -1);
        }
        differing.forEach((id, trace) -> {
            tracesNow.put(id, trace);
            Item before = live.find(id).orElse(null);
            Item after = working.find(id).orElse(null);
            String key = differs(before, after) ? key(id, live, working, trace, hashOf) : null;
            String was = key == null ? keysNow.remove(id) : keysNow.put(id, key);
            count(changesNow, was, -1);
            count(changesNow, key, 1);
        });
        return new Waits(tracesNow.build(), keysNow.build(), changesNow.build());
    }

    private static void count(PersistentMap.Builder<String, Integer> counts, @Nullable String key, int by) {
        if (key != null) {
            counts.merge(key, by, (a, b) -> a + b == 0 ? null : a + b);
        }
    }

    /** Whether visitors would notice. */
    static boolean differs(@Nullable Item before, @Nullable Item after) {
        return before != after && !toVisitors(before).equals(toVisitors(after));
    }

    private static Optional<Item> toVisitors(@Nullable Item item) {
        return Optional.ofNullable(item).flatMap(Sorts::toVisitors);
    }

    /** Which change an item belongs to: worked out of that item alone. */
    private static String key(String id, Edition live, Edition working, Trace trace, Function<String, Hash> hashOf) {
        if (working.find(Template.class, id).isPresent()) {
            return TAKEN + hashOf.apply(id);
        }
        Optional<Page> is = live.page(id).flatMap(was -> working.page(id));
        if (is.isPresent()) {
            Page was = live.require(Page.class, id);
            if (was.equals(is.get().withPlace(was.parent(), was.position()))) {
                return PLACE + Objects.requireNonNullElse(is.get().parent(), "");
            }
            Hash taken = is.get().taken();
            if (taken != null && !taken.equals(was.taken()) && trace.groups().size() == 1) {
                return TAKEN + taken;
            }
        }
        return trace.groups().isEmpty() ? id : STEPS + String.join(" ", trace.groups());
    }

    /** Where a change puts pages in another order, the page that they stand beneath now; empty at the top. */
    static Optional<String> orderedBeneath(String key) {
        return Optional.of(key).filter(k -> k.startsWith(PLACE)).map(k -> k.substring(PLACE.length()));
    }
}
