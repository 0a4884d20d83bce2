package venue.core.carry.pack;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.section.Original;
import venue.core.sort.Refs;
import venue.core.sort.Sorts;
import venue.core.sort.Walk;

/** A pack's items under the ids that they have in a site. */
final class Settled {

    private final Pack pack;
    private final Edition here;
    private final Known known;
    private final Function<Item, Hash> hashOf;
    private final Map<String, String> ids = new HashMap<>();
    private final Walk walk;
    /** What copies have taken, by the hash that it has in the pack, and the hash that it has here. */
    private final Map<Hash, Item> taken = new HashMap<>();

    private final Map<Hash, Hash> takenHere = new HashMap<>();
    private final Set<String> gone = new HashSet<>();
    private final boolean keepsNames;
    private final Map<String, String> named = new HashMap<>();

    Settled(Pack pack, Edition here, Known known, Function<Item, Hash> hashOf, boolean keepsNames) {
        this.keepsNames = keepsNames;
        this.pack = pack;
        this.here = here;
        this.known = known;
        this.hashOf = hashOf;
        walk = new Walk(new Here(), pack.fields());
        settle();
        taken.putAll(pack.pasts());
        pack.items().stream()
                .map(Pack.Packed::item)
                .filter(i -> i instanceof Original)
                .forEach(i -> taken.put(hashOf.apply(i), i));
    }

    private void settle() {
        Map<String, String> alike = new HashMap<>();
        here.items()
                .forEach(i ->
                        Sorts.likeness(i).ifPresent(l -> alike.merge(l, i.id(), (a, b) -> a.compareTo(b) < 0 ? a : b)));
        Set<String> given = new HashSet<>();
        for (Pack.Packed packed : pack.items()) {
            Item item = packed.item();
            String id = Sorts.likeness(item)
                    .map(alike::get)
                    .or(() -> known.find(packed.identity())
                            .filter(i -> here.find(i)
                                    .filter(h -> h.getClass() != item.getClass())
                                    .isEmpty()))
                    .orElseGet(() -> known.isUsed(item.id()) ? packed.identity() : item.id());
            ids.put(item.id(), given.add(id) ? id : packed.identity());
        }
    }

    /** Gives an item another id than it would have. */
    void settle(String id, String as) {
        ids.put(id, as);
        takenHere.clear();
    }

    String id(Item item) {
        return ids.getOrDefault(item.id(), item.id());
    }

    /** The item as it is here; empty where nothing of it would be left. */
    Optional<Item> item(Item item) {
        return walk.item(item, id(item));
    }

    /** What copies have taken, as it is here, by hash. */
    Map<Hash, Item> pasts() {
        Map<Hash, Item> pasts = new HashMap<>();
        taken.forEach((hash, item) -> item(item).ifPresent(i -> pasts.put(hashHere(hash), i)));
        return pasts;
    }

    /** What the pack names that is neither in it nor here. */
    List<String> gone() {
        return gone.stream().sorted().toList();
    }

    private Hash hashHere(Hash hash) {
        Hash before = takenHere.get(hash);
        Item then = taken.get(hash);
        if (before != null || then == null) {
            return before == null ? hash : before;
        }
        takenHere.put(hash, hash);
        Hash now = item(then).map(hashOf).orElse(hash);
        takenHere.put(hash, now);
        return now;
    }

    /** Who is named and not here, by the id that is kept for it. */
    Map<String, String> named() {
        return named;
    }

    private String keptName(String id, String identity) {
        String name = known.find(identity).orElseGet(() -> known.isUsed(id) ? identity : id);
        named.put(name, identity);
        return name;
    }

    private final class Here implements Refs {

        @Override
        public Optional<String> needed(String id) {
            String settled = ids.get(id);
            if (settled != null) {
                return Optional.of(settled);
            }
            Pack.Outside outside = pack.outside().get(id);
            if (outside == null) {
                return Optional.empty();
            }
            if (keepsNames) {
                return Optional.of(keptName(id, outside.identity()));
            }
            Optional<String> there = known.find(outside.identity())
                    .filter(i -> outside.isGone() || here.find(i).isPresent());
            if (there.isEmpty() && !outside.isGone()) {
                gone.add(outside.name());
            }
            return there;
        }

        @Override
        public String title(String id) {
            Pack.Outside outside = pack.outside().get(id);
            return outside == null || outside.isGone() ? "a page" : outside.name();
        }

        @Override
        public Hash past(Hash hash) {
            return hashHere(hash);
        }
    }
}
