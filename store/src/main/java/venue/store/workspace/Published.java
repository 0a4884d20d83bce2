package venue.store.workspace;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import kotlinx.collections.immutable.PersistentMap;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.live.release.ReleasePlan;
import venue.core.live.sitemap.OwnChange;
import venue.core.model.page.Page;
import venue.store.content.Contents;
import venue.store.journal.HashChange;

/** Works out what a release does to the two maps of a site. */
final class Published {

    private final Standing before;
    private final Contents contents;
    private final List<Item> put = new ArrayList<>();
    private final List<String> removed = new ArrayList<>();
    private final PersistentMap.Builder<String, Hash> hashes;
    private final PersistentMap.Builder<String, Hash> liveHashes;
    private final PersistentMap.Builder<String, Instant> changed;
    private Set<String> own = Set.of();

    Published(Standing before, Contents contents) {
        this.before = before;
        this.contents = contents;
        hashes = before.hashes().builder();
        liveHashes = before.liveHashes().builder();
        changed = before.changed().builder();
    }

    /** Finds what differs between the live site and what it will be, and which pages that changes for visitors. */
    void bring(ReleasePlan.Prepared prepared, Instant at) {
        Edition target = prepared.live();
        for (String id : differing(prepared)) {
            Item was = before.live().find(id).orElse(null);
            Item is = target.find(id).orElse(null);
            if (is == null) {
                removed.add(id);
            } else if (!is.equals(was)) {
                put.add(is);
            }
        }
        put.stream().filter(i -> !(i instanceof Page)).forEach(i -> changed.put(i.id(), at));
        removed.forEach(changed::remove);
        own = OwnChange.pages(before.live(), target, touched(prepared), at);
        own.forEach(id -> changed.put(id, at));
    }

    /** When pages last changed for visitors, by id: those that the release changes, and those that it puts but doesn't change for them. */
    Map<String, Instant> changedForVisitors(Instant at) {
        Map<String, Instant> when = new HashMap<>();
        own.forEach(id -> when.put(id, at));
        put.forEach(i -> {
            if (!when.containsKey(i.id()) && before.changed().containsKey(i.id()) && i instanceof Page) {
                when.put(i.id(), before.changed().get(i.id()));
            }
        });
        return when;
    }

    /** What may differ: what was chosen with its redirects; anything, where a release goes back to another. */
    private Set<String> differing(ReleasePlan.Prepared prepared) {
        Set<String> ids = new TreeSet<>(prepared.items());
        if (ids.isEmpty()) {
            before.live().items().forEach(i -> ids.add(i.id()));
            prepared.live().items().forEach(i -> ids.add(i.id()));
        }
        prepared.redirects().forEach(r -> ids.add(r.id()));
        ids.addAll(prepared.dropped());
        return ids;
    }

    /** The redirects made and dropped, put into the working copy too; within the transaction. */
    List<HashChange> putRedirects(ReleasePlan.Prepared prepared) {
        List<HashChange> changes = new ArrayList<>();
        prepared.redirects().forEach(r -> {
            Hash hash = contents.put(r);
            if (!hash.equals(hashes.put(r.id(), hash))) {
                changes.add(new HashChange(r.id(), before.hashes().get(r.id()), hash));
            }
        });
        prepared.dropped().stream().filter(hashes::containsKey).forEach(id -> {
            changes.add(new HashChange(id, hashes.remove(id), null));
        });
        return changes;
    }

    /** What the release does to the live map; within the transaction. */
    List<HashChange> changes() {
        List<HashChange> changes = new ArrayList<>();
        for (Item item : put) {
            Hash hash = contents.put(item);
            changes.add(new HashChange(item.id(), liveHashes.put(item.id(), hash), hash));
        }
        removed.forEach(id -> changes.add(new HashChange(id, liveHashes.remove(id), null)));
        return changes;
    }

    Standing standing(ReleasePlan.Prepared prepared, long step, int number) {
        Edition working = before.working().with(prepared.redirects(), prepared.dropped());
        return before.released(
                new Standing.Copy(working, hashes.build()),
                new Standing.Copy(prepared.live(), liveHashes.build()),
                step,
                number,
                changed.build(),
                touched(prepared));
    }

    private Set<String> touched(ReleasePlan.Prepared prepared) {
        Set<String> touched = new HashSet<>(removed);
        put.forEach(i -> touched.add(i.id()));
        prepared.redirects().forEach(r -> touched.add(r.id()));
        touched.addAll(prepared.dropped());
        return touched;
    }
}
