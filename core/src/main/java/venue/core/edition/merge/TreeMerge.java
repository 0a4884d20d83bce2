package venue.core.edition.merge;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Three-way merge of contents as plain trees (maps, lists, texts, numbers). Whatever carries an id is known by it, wherever
 * it has been moved, so that two people can change different parts of one page. Where both changed the same part, ours
 * stands and the part is named as a conflict.
 */
public final class TreeMerge {

    /** @param conflicts paths of the parts that both sides changed differently, ours standing in each */
    public record Merged(Object tree, List<String> conflicts) {}

    /** Our side since the base, worked out once and merged with as many others as there are. */
    public static final class Ours {

        private final Object base;
        private final Object ours;
        private final Hoisted hoistedBase;
        private final Hoisted hoistedOurs;
        private final Set<String> changed;

        public Ours(Object base, Object ours) {
            this.base = base;
            this.ours = ours;
            hoistedBase = Hoisted.of(base);
            hoistedOurs = Hoisted.of(ours);
            changed = changed(hoistedBase, hoistedOurs);
        }

        public Merged with(Object theirs) {
            if (theirs.equals(base) || theirs.equals(ours)) {
                return new Merged(ours, List.of());
            }
            if (ours.equals(base)) {
                return new Merged(theirs, List.of());
            }
            Hoisted hoisted = Hoisted.of(theirs);
            return new TreeMerge(changed, changed(hoistedBase, hoisted)).run(hoistedBase, hoisted, hoistedOurs);
        }
    }

    private final List<String> conflicts = new ArrayList<>();
    private final Set<String> changedByOurs;
    private final Set<String> changedByTheirs;

    private TreeMerge(Set<String> changedByOurs, Set<String> changedByTheirs) {
        this.changedByOurs = changedByOurs;
        this.changedByTheirs = changedByTheirs;
    }

    public static Merged merge(Object base, Object theirs, Object ours) {
        return new Ours(base, ours).with(theirs);
    }

    private Merged run(Hoisted base, Hoisted theirs, Hoisted ours) {
        Map<String, Object> table = new TreeMap<>();
        Set<String> keys = new TreeSet<>(ours.table().keySet());
        keys.addAll(theirs.table().keySet());
        for (String key : keys) {
            Object merged = part(
                    key,
                    base.table().get(key),
                    theirs.table().get(key),
                    ours.table().get(key));
            if (merged != null) {
                table.put(key, merged);
            }
        }
        Object root = Objects.requireNonNull(value("", base.root(), theirs.root(), ours.root()));
        return new Merged(new Hoisted(root, table).lowered(), List.copyOf(new LinkedHashSet<>(conflicts)));
    }

    private static Set<String> changed(Hoisted base, Hoisted side) {
        return base.table().entrySet().stream()
                .filter(e -> !e.getValue().equals(side.table().get(e.getKey())))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** A part with an id: one that a side removed goes, unless the other side changed it. */
    private @Nullable Object part(String key, @Nullable Object base, @Nullable Object theirs, @Nullable Object ours) {
        if (base != null && theirs == null && ours != null) {
            return keptAgainstRemoval(key, changedByOurs.contains(key), ours);
        }
        if (base != null && ours == null && theirs != null) {
            return keptAgainstRemoval(key, changedByTheirs.contains(key), theirs);
        }
        return value(key, base, theirs, ours);
    }

    private @Nullable Object keptAgainstRemoval(String key, boolean changed, Object part) {
        if (changed) {
            conflicts.add(key);
        }
        return part;
    }

    private @Nullable Object value(String path, @Nullable Object base, @Nullable Object theirs, @Nullable Object ours) {
        if (theirs instanceof Map<?, ?> t && ours instanceof Map<?, ?> o) {
            return map(path, base instanceof Map<?, ?> b ? b : Map.of(), t, o);
        }
        if (theirs instanceof IdList t && ours instanceof IdList o) {
            return list(base instanceof IdList b ? b : new IdList(List.of()), t, o);
        }
        if (Objects.equals(theirs, base) || Objects.equals(theirs, ours)) {
            return ours;
        }
        if (Objects.equals(ours, base)) {
            return theirs;
        }
        conflicts.add(path);
        return ours;
    }

    private Object map(String path, Map<?, ?> base, Map<?, ?> theirs, Map<?, ?> ours) {
        Map<String, Object> merged = new TreeMap<>();
        Set<String> keys = new TreeSet<>();
        theirs.keySet().forEach(k -> keys.add(String.valueOf(k)));
        ours.keySet().forEach(k -> keys.add(String.valueOf(k)));
        for (String key : keys) {
            Object value =
                    value(path.isEmpty() ? key : path + "." + key, base.get(key), theirs.get(key), ours.get(key));
            if (value != null) {
                merged.put(key, value);
            }
        }
        return merged;
    }

    /** Ours leads in order, unless only theirs changed it; what the other side added goes after its neighbour there. */
    private IdList list(IdList base, IdList theirs, IdList ours) {
        boolean oursKeptOrder = common(base, ours).equals(common(ours, base));
        IdList leader = oursKeptOrder ? theirs : ours;
        IdList follower = oursKeptOrder ? ours : theirs;
        List<String> merged = new ArrayList<>();
        for (String id : leader.ids()) {
            if (!base.ids().contains(id) || follower.ids().contains(id) || isKept(id)) {
                merged.add(id);
            }
        }
        String before = null;
        for (String id : follower.ids()) {
            boolean missing = !merged.contains(id);
            if (missing && (!base.ids().contains(id) || isKept(id))) {
                merged.add(before == null ? 0 : merged.indexOf(before) + 1, id);
            }
            before = merged.contains(id) ? id : before;
        }
        return new IdList(List.copyOf(merged));
    }

    /** One side took it out here while the other changed it: it stays, named as a conflict already. */
    private boolean isKept(String id) {
        return conflicts.contains(id);
    }

    private static List<String> common(IdList of, IdList with) {
        return of.ids().stream().filter(with.ids()::contains).toList();
    }
}
