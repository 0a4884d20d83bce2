package venue.core.edition.edition;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import kotlinx.collections.immutable.PersistentSet;

/** By what is named, the ids of those that name it. */
record NamedBy(PersistentMap<String, PersistentSet<String>> by) {

    NamedBy after(String from, Set<String> were, Set<String> are) {
        if (were.equals(are)) {
            return this;
        }
        PersistentMap.Builder<String, PersistentSet<String>> now = by.builder();
        were.stream().filter(to -> !are.contains(to)).forEach(to -> {
            PersistentSet<String> left = Objects.requireNonNull(now.get(to)).remove(from);
            if (left.isEmpty()) {
                now.remove(to);
            } else {
                now.put(to, left);
            }
        });
        are.stream()
                .filter(to -> !were.contains(to))
                .forEach(to -> now.merge(to, ExtensionsKt.persistentHashSetOf(from), (all, one) -> all.add(from)));
        return new NamedBy(now.build());
    }

    List<String> of(String to) {
        PersistentSet<String> from = by.get(to);
        return from == null ? List.of() : from.stream().sorted().toList();
    }
}
