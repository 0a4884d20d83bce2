package venue.store.workspace;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import venue.core.basics.item.Hash;
import venue.core.basics.item.SiteId;
import venue.core.edition.edition.Edition;
import venue.store.content.Contents;
import venue.store.journal.Journal;
import venue.store.live.Releases;

/** Reads how a site stands from what is kept. */
final class StandingReader {

    private final SiteId site;
    private final Contents contents;
    private final WorkingMap workingMap;
    private final Releases releases;
    private final Journal journal;
    private final Past past;

    StandingReader(
            SiteId site, Contents contents, WorkingMap workingMap, Releases releases, Journal journal, Past past) {
        this.past = past;
        this.site = site;
        this.contents = contents;
        this.workingMap = workingMap;
        this.releases = releases;
        this.journal = journal;
    }

    Standing now() {
        PersistentMap<String, Hash> hashes = ExtensionsKt.toPersistentHashMap(workingMap.load(site));
        PersistentMap.Builder<String, Hash> live =
                ExtensionsKt.<String, Hash>persistentHashMapOf().builder();
        Map<String, Instant> changed = new HashMap<>();
        releases.map(site).forEach(p -> {
            live.put(p.item(), p.hash());
            changed.put(p.item(), Instant.parse(p.changedAt()));
        });
        return Standing.of(
                site, copy(hashes), copy(live.build()), journal.latest(site), releases.latest(site), changed, past);
    }

    private Standing.Copy copy(PersistentMap<String, Hash> hashes) {
        return new Standing.Copy(edition(hashes), hashes);
    }

    /** What some contents make up. */
    Edition edition(Map<String, Hash> hashes) {
        return Edition.of(hashes.values().stream().map(contents::require).toList());
    }
}
