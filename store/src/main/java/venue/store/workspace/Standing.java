package venue.store.workspace;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.check.survey.Known;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Tally;
import venue.core.live.release.ReleasePlan;
import venue.core.live.release.Trace;
import venue.core.live.release.Waits;
import venue.core.live.sitemap.OwnChange;
import venue.core.sort.Sorts;

/**
 * A site at one moment: working copy and live release, each with the hashes of its contents. Immutable. What is derived from
 * both is worked out when it is first asked for, and carried on from there.
 */
public final class Standing {

    private final SiteId site;
    private final Copy working;
    private final Copy live;
    private final long step;
    private final int release;
    private final Waits waits;
    private final PersistentMap<String, Instant> changed;
    private final Past past;
    /** From where on it is worked out what stands here; absent where nobody has asked for that before. */
    private final @Nullable Base base;
    /** The step that last changed more than what pages say. */
    private final long shaped;

    private volatile @Nullable DerivedStanding derived;
    private volatile @Nullable PersistentMap<String, Instant> changedWorking;

    /** An edition with the hashes of its contents. */
    record Copy(Edition edition, PersistentMap<String, Hash> hashes) {}

    /** What was known last, and what has changed since. */
    private record Base(DerivedStanding derived, Set<String> ids) {

        Base and(Collection<String> more) {
            Set<String> all = new HashSet<>(ids);
            all.addAll(more);
            return new Base(derived, all);
        }
    }

    private Standing(
            SiteId site,
            Copy working,
            Copy live,
            long step,
            int release,
            PersistentMap<String, Instant> changed,
            Past past) {
        this.site = site;
        this.working = working;
        this.live = live;
        this.step = step;
        this.release = release;
        this.changed = changed;
        this.past = past;
        Set<String> all = new HashSet<>(working.hashes().keySet());
        all.addAll(live.hashes().keySet());
        waits = waits(Waits.NOTHING, all, working, live, past.came());
        base = null;
        shaped = step;
    }

    /** How it stands after some items have changed, with what the standing before knew. */
    private Standing(
            Standing before,
            Copy working,
            Copy live,
            long step,
            int release,
            PersistentMap<String, Instant> changed,
            Collection<String> ids,
            Past.Came came) {
        site = before.site;
        past = before.past;
        this.working = working;
        this.live = live;
        this.step = step;
        this.release = release;
        this.changed = changed;
        waits = waits(before.waits, ids, working, live, came);
        shaped = isShaping(before.working(), working(), ids) ? step : before.shaped;
        DerivedStanding known = before.derived;
        base = known != null ? new Base(known, Set.copyOf(ids)) : before.base == null ? null : before.base.and(ids);
    }

    /** Whether more changes than what pages, entries and templates say: what there is to choose from may be something else then. */
    private static boolean isShaping(Edition before, Edition after, Collection<String> ids) {
        return ids.stream().anyMatch(id -> {
            Item was = before.find(id).orElse(null);
            Item is = after.find(id).orElse(null);
            return !Sorts.isShapedAlike(was, before, is, after);
        });
    }

    /**
     * @param step the number of the latest step
     * @param release the number of the live release, 0 before the first
     * @param changed when each live item was last released with a change
     */
    static Standing of(
            SiteId site, Copy working, Copy live, long step, int release, Map<String, Instant> changed, Past past) {
        return new Standing(site, working, live, step, release, ExtensionsKt.toPersistentHashMap(changed), past);
    }

    /** How it stands after a step of somebody's that changes some items of the working copy. */
    Standing worked(Copy now, long number, Collection<String> ids, PersonId who, String group) {
        return new Standing(this, now, live, number, release, changed, ids, differing -> {
            Map<String, Trace> traces = new HashMap<>();
            differing.forEach(id -> traces.put(id, trace(now, id, who, group)));
            return traces;
        });
    }

    private Trace trace(Copy now, String id, PersonId who, String group) {
        Trace before = waits.traces().get(id);
        boolean same = hashOf(id).equals(now.hashes().getOrDefault(id, Hash.NONE));
        return before == null ? Trace.of(who, group) : same ? before : before.and(who, group);
    }

    /** How it stands after a release, which changes some items of either. */
    Standing released(
            Copy now,
            Copy out,
            long number,
            int releaseNow,
            PersistentMap<String, Instant> changedNow,
            Collection<String> ids) {
        return new Standing(this, now, out, number, releaseNow, changedNow, ids, past.came());
    }

    /** The site that stands so. */
    public SiteId site() {
        return site;
    }

    public Edition working() {
        return working.edition();
    }

    public Edition live() {
        return live.edition();
    }

    PersistentMap<String, Hash> hashes() {
        return working.hashes();
    }

    PersistentMap<String, Hash> liveHashes() {
        return live.hashes();
    }

    /** What waits to be released. */
    public Waits waits() {
        return waits;
    }

    public long step() {
        return step;
    }

    public int release() {
        return release;
    }

    /** When each live item was last released with a change. */
    public PersistentMap<String, Instant> changed() {
        return changed;
    }

    /** The same as the working copy has it: what waits to be released has changed since. The same map each time. */
    public PersistentMap<String, Instant> changedWorking() {
        PersistentMap<String, Instant> known = changedWorking;
        if (known == null) {
            PersistentMap.Builder<String, Instant> without = changed.builder();
            waits.ids().forEach(without::remove);
            known = without.build();
            changedWorking = known;
        }
        return known;
    }

    /** The items that what was done since a step may matter to; empty when that is everything, or is not remembered. */
    public Optional<Set<String>> touchedSince(long known) {
        return derived().touchedSince(known);
    }

    /** The step that last changed more than what pages say: since then, there is the same to choose from. */
    public long shaped() {
        return shaped;
    }

    /** The hash of an item's content in the working copy; empty when it is not there. */
    public Hash hashOf(String item) {
        return working.hashes().getOrDefault(item, Hash.NONE);
    }

    /** The hash of an item's content in the live release; empty when it is not there. */
    public Hash liveHashOf(String item) {
        return live.hashes().getOrDefault(item, Hash.NONE);
    }

    /** What stands between the live release and the working copy. */
    public ReleasePlan plan() {
        return ReleasePlan.of(live(), working(), waits.ids());
    }

    /** How many changes wait to be released. */
    public int changes() {
        return waits.size();
    }

    /** Ids of the pages that a release of all that waits changes for visitors, as somebody sees them who looks then. */
    public Set<String> changing(Instant at) {
        return OwnChange.pages(live(), working(), waits.ids(), at);
    }

    /** What the survey finds on the working copy. */
    public Survey survey() {
        return derived().survey();
    }

    /** What a survey of the site knows at this moment besides what it looks at. */
    public Known known() {
        return past.known(working());
    }

    /** How the working copy stands to the live site, in numbers. */
    public Tally tally() {
        return derived().tally();
    }

    /**
     * Worked out when it is first asked for, by whoever asks: no step waits for it, and one that makes it fail is a step all the same.
     */
    private DerivedStanding derived() {
        DerivedStanding known = derived;
        if (known == null) {
            synchronized (this) {
                known = derived;
                if (known == null) {
                    known = base == null
                            ? DerivedStanding.of(step, working(), live(), known())
                            : base.derived().after(step, working(), live(), base.ids(), known());
                    derived = known;
                }
            }
        }
        return known;
    }

    /** What waits, where only some items may have come to differ or to agree. */
    private static Waits waits(Waits before, Collection<String> changed, Copy working, Copy live, Past.Came came) {
        Set<String> differing = new HashSet<>();
        Set<String> agreeing = new HashSet<>();
        for (String id : changed) {
            boolean agrees =
                    Objects.equals(working.hashes().get(id), live.hashes().get(id));
            (agrees ? agreeing : differing).add(id);
        }
        return before.after(
                live.edition(),
                working.edition(),
                differing.isEmpty() ? Map.of() : came.of(differing),
                agreeing,
                id -> working.hashes().getOrDefault(id, Hash.NONE));
    }
}
