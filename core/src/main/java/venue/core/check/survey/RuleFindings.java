package venue.core.check.survey;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import kotlinx.collections.immutable.PersistentSet;
import venue.core.basics.item.Item;

/**
 * What one rule has found. Immutable.
 *
 * @param by the findings, by the item that was looked at
 * @param elsewhere by an item that findings are about, those that were looked at instead of it
 * @param news the items about which something else was found before the step that led here
 */
record RuleFindings(
        PersistentMap<String, List<Finding>> by,
        PersistentMap<String, PersistentSet<String>> elsewhere,
        int count,
        Set<String> news) {

    static final RuleFindings NOTHING =
            new RuleFindings(ExtensionsKt.persistentHashMapOf(), ExtensionsKt.persistentHashMapOf(), 0, Set.of());

    /** The same where nothing could be looked at again. */
    RuleFindings still() {
        return new RuleFindings(by, elsewhere, count, Set.of());
    }

    /** The same after a change that may matter to everything. */
    RuleFindings anew(Rule rule, Scope scope) {
        Map<String, List<Finding>> found = new HashMap<>();
        by.keySet().forEach(id -> found.put(id, List.of()));
        scope.edition().items().forEach(item -> {
            List<Finding> now = find(rule, scope, item);
            List<Finding> then = by.get(item.id());
            if (now.equals(then)) {
                found.remove(item.id());
            } else if (!now.isEmpty()) {
                found.put(item.id(), now);
            }
        });
        return with(found);
    }

    /** The same after a change that touches some items. */
    RuleFindings after(Rule rule, Scope scope, Collection<String> touched) {
        Map<String, List<Finding>> found = new HashMap<>();
        for (String id : touched) {
            List<Finding> now = scope.edition()
                    .find(id)
                    .map(item -> find(rule, scope, item))
                    .orElse(List.of());
            if (!now.equals(by.getOrDefault(id, List.of()))) {
                found.put(id, now);
            }
        }
        return with(found);
    }

    private static List<Finding> find(Rule rule, Scope scope, Item item) {
        return rule.find(scope, item).toList();
    }

    private RuleFindings with(Map<String, List<Finding>> changed) {
        PersistentMap.Builder<String, List<Finding>> now = by.builder();
        PersistentMap.Builder<String, PersistentSet<String>> apart = elsewhere.builder();
        Set<String> items = new HashSet<>();
        int many = count;
        for (Map.Entry<String, List<Finding>> each : changed.entrySet()) {
            String looked = each.getKey();
            List<Finding> is = each.getValue();
            List<Finding> was = is.isEmpty() ? now.remove(looked) : now.put(looked, is);
            many += is.size() - (was == null ? 0 : was.size());
            forget(apart, looked, was == null ? List.of() : was);
            remember(apart, looked, is);
            Stream.concat(is.stream(), Stream.ofNullable(was).flatMap(List::stream))
                    .forEach(f -> items.add(f.item()));
        }
        return new RuleFindings(now.build(), apart.build(), many, items);
    }

    private static void forget(Map<String, PersistentSet<String>> apart, String looked, List<Finding> was) {
        about(was, looked)
                .forEach(item -> apart.computeIfPresent(item, (id, all) -> {
                    PersistentSet<String> left = all.remove(looked);
                    return left.isEmpty() ? null : left;
                }));
    }

    private static void remember(Map<String, PersistentSet<String>> apart, String looked, List<Finding> is) {
        about(is, looked)
                .forEach(item ->
                        apart.merge(item, ExtensionsKt.persistentHashSetOf(looked), (all, one) -> all.add(looked)));
    }

    /** What findings are about, if not about what was looked at. */
    private static Stream<String> about(List<Finding> findings, String looked) {
        return findings.stream().map(Finding::item).distinct().filter(item -> !item.equals(looked));
    }

    Stream<Finding> all() {
        return by.values().stream().flatMap(List::stream);
    }

    Stream<Finding> about(String item) {
        Stream<String> looked = Stream.concat(
                Stream.of(item), elsewhere.getOrDefault(item, ExtensionsKt.persistentHashSetOf()).stream());
        return looked.flatMap(id -> by.getOrDefault(id, List.of()).stream())
                .filter(f -> f.item().equals(item));
    }
}
