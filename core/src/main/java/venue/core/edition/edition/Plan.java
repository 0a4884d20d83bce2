package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import org.jspecify.annotations.Nullable;
import venue.core.model.page.Page;

/**
 * The tree of a site's pages, with the address of each. Pages stand by their position, then by id. Immutable; what a change
 * makes of it shares with it whatever stays, and costs what the change touches.
 */
public final class Plan {

    private static final String TOP = Spot.TOP;

    private final Layered<Spot> spots;
    private final PersistentMap<String, Level> levels;
    private final PersistentMap<String, List<String>> byKind;
    /** Whether pages stand at the top because the page that they name above them is not there. */
    private final boolean orphans;
    /** Worked out when they are asked for. */
    private final Map<String, String> addresses = new ConcurrentHashMap<>();

    private final Map<String, Boolean> shown = new ConcurrentHashMap<>();
    private final Map<Object, Object> kept = new ConcurrentHashMap<>();

    private Plan(
            Layered<Spot> spots,
            PersistentMap<String, Level> levels,
            PersistentMap<String, List<String>> byKind,
            boolean orphans) {
        this.spots = spots;
        this.levels = levels;
        this.byKind = byKind;
        this.orphans = orphans;
    }

    static Plan of(Collection<Page> pages) {
        Map<String, Page> byId = new HashMap<>();
        pages.forEach(p -> byId.put(p.id(), p));
        Map<String, Spot> spots = new HashMap<>();
        Map<String, List<String>> levels = new HashMap<>();
        Map<String, List<String>> byKind = new HashMap<>();
        pages.stream()
                .sorted(Comparator.comparingLong(Page::position).thenComparing(Page::id))
                .forEach(page -> {
                    Spot spot = Spot.of(page, byId.keySet());
                    spots.put(page.id(), spot);
                    levels.computeIfAbsent(spot.above(), p -> new ArrayList<>()).add(page.id());
                    byKind.computeIfAbsent(spot.kind(), k -> new ArrayList<>()).add(page.id());
                });
        PersistentMap.Builder<String, Level> made =
                ExtensionsKt.<String, Level>persistentHashMapOf().builder();
        levels.forEach((above, ids) -> made.put(above, new Level(ids)));
        return new Plan(
                Layered.of(spots),
                made.build(),
                ExtensionsKt.toPersistentHashMap(byKind),
                spots.values().stream().anyMatch(Spot::orphan));
    }

    /** The plan after a change; empty where it is better worked out anew: pages lose or find the page above them. */
    Optional<Plan> after(Collection<ItemChange> turns) {
        Map<String, @Nullable Page> changed = new LinkedHashMap<>();
        for (ItemChange turn : turns) {
            turn.was(Page.class).ifPresent(was -> changed.put(was.id(), null));
            turn.is(Page.class).ifPresent(is -> changed.put(is.id(), is));
        }
        if (changed.isEmpty()) {
            return Optional.of(this);
        }
        Map<String, @Nullable Spot> now = new HashMap<>();
        for (Map.Entry<String, @Nullable Page> each : changed.entrySet()) {
            Page page = each.getValue();
            String above = page == null ? null : page.parent();
            boolean aboveIsThere =
                    changed.containsKey(above) ? changed.get(above) != null : above == null || spots.has(above);
            if (!aboveIsThere) {
                return Optional.empty();
            }
            now.put(each.getKey(), page == null ? null : Spot.of(page, above == null ? Set.of() : Set.of(above)));
        }
        Layered<Spot> after = spots.with(now);
        return orphans || leavesOrphans(changed, after)
                ? Optional.empty()
                : Optional.of(moved(changed.keySet(), after));
    }

    private boolean leavesOrphans(Map<String, @Nullable Page> changed, Layered<Spot> after) {
        return changed.entrySet().stream()
                .filter(e -> e.getValue() == null)
                .flatMap(e -> beneath(e.getKey()).stream())
                .map(after::get)
                .anyMatch(child -> child != null && changed.containsKey(child.above()) && !after.has(child.above()));
    }

    private Plan moved(Set<String> changed, Layered<Spot> after) {
        Map<String, Set<String>> inLevels = new HashMap<>();
        Map<String, Set<String>> inKinds = new HashMap<>();
        boolean differs = false;
        for (String id : changed) {
            Spot was = spots.get(id);
            Spot is = after.get(id);
            if (Objects.equals(was, is)) {
                continue;
            }
            differs = true;
            for (Spot spot : new Spot[] {was, is}) {
                if (spot != null) {
                    inLevels.computeIfAbsent(spot.above(), a -> new LinkedHashSet<>())
                            .add(id);
                    inKinds.computeIfAbsent(spot.kind(), k -> new LinkedHashSet<>())
                            .add(id);
                }
            }
        }
        if (!differs) {
            return this;
        }
        SpotsMoved moves = new SpotsMoved(spots, after);
        PersistentMap.Builder<String, Level> levelsNow = levels.builder();
        inLevels.forEach((above, ids) -> put(levelsNow, above, moves.level(levels.get(above), above, ids)));
        PersistentMap.Builder<String, List<String>> kindsNow = byKind.builder();
        inKinds.forEach((kind, ids) -> {
            List<String> stand = moves.placed(ofKind(kind), ids, Spot::kind, kind);
            put(kindsNow, kind, stand.isEmpty() ? null : stand);
        });
        return new Plan(after, levelsNow.build(), kindsNow.build(), false);
    }

    private static <V> void put(Map<String, V> map, String key, @Nullable V value) {
        if (value == null) {
            map.remove(key);
        } else {
            map.put(key, value);
        }
    }

    /** Ids of the pages at the top ({@code parent} absent) or beneath one, in order. */
    public List<String> beneath(@Nullable String parent) {
        Level level = levels.get(parent == null ? TOP : parent);
        return level == null ? List.of() : level.ids();
    }

    /** Ids of the pages at the top ({@code parent} absent) or beneath one whose addresses end so: one, or none. */
    public List<String> called(@Nullable String parent, String segment) {
        Level level = levels.get(parent == null ? TOP : parent);
        return level == null ? List.of() : level.called(segment, this::segment);
    }

    /** The page above, as the tree has it; absent at the top. */
    public Optional<String> above(String pageId) {
        return Optional.ofNullable(spots.get(pageId)).map(Spot::above).filter(p -> !p.isEmpty());
    }

    /** The pages above, the nearest first. */
    public List<String> ancestors(String pageId) {
        List<String> up = new ArrayList<>();
        Optional<String> next = above(pageId);
        while (next.isPresent() && !up.contains(next.get())) {
            up.add(next.get());
            next = above(next.get());
        }
        return up;
    }

    /** A page and everything beneath it, parents first. */
    public Stream<String> subtree(String pageId) {
        return Stream.concat(Stream.of(pageId), beneath(pageId).stream().flatMap(this::subtree));
    }

    /** How many pages there are. */
    public int size() {
        return spots.size();
    }

    /** What can be worked out of the plan alone, for whoever asks again: it stays as long as no page comes, goes or moves. */
    @SuppressWarnings("unchecked")
    public <T> T kept(Object key, Function<Plan, T> workOut) {
        return (T) kept.computeIfAbsent(key, k -> workOut.apply(this));
    }

    /** All pages in reading order. */
    public Stream<String> inOrder() {
        return beneath(null).stream().flatMap(this::subtree);
    }

    /** A page's own address, beginning with a slash; a page that is not here has {@code /}. */
    public String address(String pageId) {
        String known = addresses.get(pageId);
        if (known == null) {
            known = worked(pageId);
            addresses.put(pageId, known);
        }
        return known;
    }

    private String worked(String pageId) {
        StringBuilder path = new StringBuilder();
        boolean whole = upwards(pageId, spot -> path.insert(0, spot.segment()).insert(0, '/'));
        return whole && !path.isEmpty() ? path.toString() : "/";
    }

    /** Whether the page and all above it are on the site, none of them taken off. */
    public boolean isShown(String pageId) {
        Boolean known = shown.get(pageId);
        if (known == null) {
            boolean[] off = {!spots.has(pageId)};
            known = upwards(pageId, spot -> off[0] |= spot.withdrawn()) && !off[0];
            shown.put(pageId, known);
        }
        return known;
    }

    /** Walks from a page to the top; whether it got there, and not round and round in a ring. */
    private boolean upwards(String pageId, Consumer<Spot> each) {
        String at = pageId;
        int steps = 0;
        for (Spot spot = spots.get(at); spot != null; spot = spots.get(at)) {
            if (++steps > spots.size()) {
                return false;
            }
            each.accept(spot);
            at = spot.above();
        }
        return at.equals(TOP) || at.equals(pageId);
    }

    /** The page whose own address this is. */
    public Optional<String> pageAt(String address) {
        if (!address.startsWith("/")) {
            return Optional.empty();
        }
        return at(TOP, address.substring(1).split("/", -1), 0);
    }

    private Optional<String> at(String above, String[] segments, int from) {
        Level level = levels.get(above);
        for (String id : level == null ? List.<String>of() : level.called(segments[from], this::segment)) {
            Optional<String> found = from == segments.length - 1 ? Optional.of(id) : at(id, segments, from + 1);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private String segment(String pageId) {
        return Objects.requireNonNull(spots.get(pageId)).segment();
    }

    /** Ids of the pages of a kind, by position. */
    public List<String> ofKind(String kindId) {
        List<String> ids = byKind.get(kindId);
        return ids == null ? List.of() : ids;
    }
}
