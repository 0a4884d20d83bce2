package venue.store.workspace;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import kotlinx.collections.immutable.PersistentMap;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.live.release.ReleasePlan;
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

    Published(Standing before, Contents contents) {
        this.before = before;
        this.contents = contents;
        hashes = before.hashes().builder();
        liveHashes = before.liveHashes().builder();
    }

    /** Finds what differs between the live site and what it will be. */
    void bring(ReleasePlan.Prepared prepared) {
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

    Standing standing(ReleasePlan.Prepared prepared, long step, int number, Instant at) {
        PersistentMap.Builder<String, Instant> changed = before.changed().builder();
        put.forEach(i -> changed.put(i.id(), at));
        removed.forEach(changed::remove);
        Set<String> touched = new HashSet<>(removed);
        put.forEach(i -> touched.add(i.id()));
        prepared.redirects().forEach(r -> touched.add(r.id()));
        touched.addAll(prepared.dropped());
        Edition working = before.working().with(prepared.redirects(), prepared.dropped());
        return before.released(
                new Standing.Copy(working, hashes.build()),
                new Standing.Copy(prepared.live(), liveHashes.build()),
                step,
                number,
                changed.build(),
                touched);
    }
}
