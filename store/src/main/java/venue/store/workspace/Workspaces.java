package venue.store.workspace;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Scheduler;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.carry.pack.Pack;
import venue.core.change.edit.site.SiteCommand;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.change.rollout.Taken;
import venue.core.model.site.Site;
import venue.store.content.Contents;
import venue.store.database.Database;
import venue.store.database.Turn;

/**
 * All sites of one data folder. A site is read when it is first asked for, and let go when nobody has asked for half an hour:
 * start and memory follow those in use. While anybody holds a site, everybody gets that one.
 */
public final class Workspaces {

    /** How long a retired site can be brought back for certain. */
    public static final Duration KEPT = Duration.ofDays(30);

    private static final Duration IDLE = Duration.ofMinutes(30);

    /**
     * What is known of a site without opening it.
     *
     * @param host its main host name
     * @param release its latest; 0 for none
     * @param waits whether anything waits to be released
     * @param retiredAt since when it is not served, ISO 8601; absent for a site at work
     */
    public record Listed(
            SiteId id,
            String name,
            String language,
            @Nullable String host,
            int release,
            boolean waits,
            @Nullable String retiredAt) {}

    private final Database database;
    private final SiteRows rows;
    private final Contents contents;
    private final InstantSource clock;
    private final RandomGenerator chance;
    private final List<BiConsumer<SiteId, Done>> listeners = new CopyOnWriteArrayList<>();
    private final Set<SiteId> known = ConcurrentHashMap.newKeySet();
    private final Map<SiteId, Instant> retired = new ConcurrentHashMap<>();
    private final Library library;
    private volatile Map<String, SiteId> byHost;
    /** There is one at most of each. */
    private final Cache<SiteId, Workspace> open =
            Caffeine.newBuilder().weakValues().build();

    private final Cache<SiteId, Workspace> used = Caffeine.newBuilder()
            .expireAfterAccess(IDLE)
            .scheduler(Scheduler.systemScheduler())
            .build();

    public Workspaces(Database database, InstantSource clock, RandomGenerator chance) {
        this.database = database;
        this.clock = clock;
        this.chance = chance;
        contents = new Contents(database);
        rows = new SiteRows(database);
        rows.all().forEach((site, at) -> at.ifPresentOrElse(since -> retired.put(site, since), () -> known.add(site)));
        byHost = rows.hosts();
        known.remove(Library.ID);
        library = new Library(workspace(Library.ID, database.turn()));
    }

    /** What all sites can take. */
    public Library library() {
        return library;
    }

    private Workspace workspace(SiteId site) {
        return workspace(site, database.turn());
    }

    private Workspace workspace(SiteId site, Turn turn) {
        return new Workspace(site, database, turn, contents, clock, chance, done -> tell(site, done));
    }

    /** Nobody is told of a site that is only being made: it may come to nothing. */
    private void tell(SiteId site, Done done) {
        if (known.contains(site)) {
            listeners.forEach(l -> l.accept(site, done));
        }
    }

    /** Tells of each step from now on, with its site, when it is done, in the thread of whoever did it: it must not wait. */
    public void onStep(BiConsumer<SiteId, Done> listener) {
        listeners.add(listener);
    }

    /** A new site that begins with these items; nothing of it is live yet. */
    public Workspace begin(SiteId site, PersonId who, List<Item> items) {
        return begin(site, who, items, made -> {});
    }

    /** The same, and what is done in it first: the site is there when all of that has been done, or not at all. */
    public Workspace begin(SiteId site, PersonId who, List<Item> items, Consumer<Workspace> first) {
        return begin(site, made -> {
            List<Item> taking = Taken.byAll(items, made.desk().archive()::hashOf);
            made.settle(who, WholeCommand.takeIn(nameOf(site, items), taking), Workspace.BEGIN, done -> {});
            first.accept(made);
        });
    }

    private static String nameOf(SiteId site, List<Item> items) {
        return items.stream()
                .filter(Site.class::isInstance)
                .map(Item::name)
                .findFirst()
                .orElse(site.text());
    }

    /** A new site that is what a pack holds, under a host name. */
    public Workspace begin(SiteId site, PersonId who, Pack pack, String host, Consumer<Workspace> first) {
        return begin(site, made -> {
            made.packs().begin(who, pack, host);
            first.accept(made);
        });
    }

    private Workspace begin(SiteId site, Consumer<Workspace> all) {
        if (isKnown(site)) {
            throw Refusal.conflict(
                    "site-exists", "site", "There is a site “" + site + "” already.", "Take another id.");
        }
        Turn turn = database.turn();
        Workspace workspace = turn.take(() -> database.write(() -> {
            rows.add(site, clock.instant());
            Workspace made = workspace(site, turn);
            all.accept(made);
            made.now().working().find(Site.class, Site.ID).ifPresent(s -> rows.setHosts(site, s.hosts()));
            return made;
        }));
        open.put(site, workspace);
        used.put(site, workspace);
        known.add(site);
        byHost = rows.hosts();
        return workspace;
    }

    /** The ids of all sites at work. */
    public Set<SiteId> ids() {
        return Set.copyOf(known);
    }

    /** Whether there is a site of this id, at work or retired. */
    public boolean isKnown(SiteId site) {
        return site.equals(Library.ID) || known.contains(site) || retired.containsKey(site);
    }

    /** What is known of sites, the oldest first, without opening them. */
    public List<Listed> listed(Collection<SiteId> sites) {
        return rows.listed(sites);
    }

    /** Sites that are retired and can be brought back. */
    public List<Listed> retired() {
        return rows.listed(retired.keySet());
    }

    /** How many sites are in memory. */
    public long inUse() {
        used.cleanUp();
        return used.estimatedSize();
    }

    /** Lets go of sites that nobody holds at this moment. */
    void letGo() {
        used.invalidateAll();
    }

    public Optional<Workspace> find(SiteId site) {
        if (!known.contains(site)) {
            return Optional.empty();
        }
        Workspace now = used.getIfPresent(site);
        if (now == null) {
            now = open.get(site, this::workspace);
            used.put(site, now);
        }
        return Optional.of(now);
    }

    public Workspace require(SiteId site) {
        return find(site).orElseThrow(() -> Refusal.unknown("site", site.text()));
    }

    /** The site whose live release is served under a host name. */
    public Optional<Workspace> servedAt(String host) {
        return Optional.ofNullable(byHost.get(host)).flatMap(this::find);
    }

    /** Whether a host name belongs to a site, retired ones too. */
    public boolean isTaken(String host) {
        return byHost.containsKey(host);
    }

    /** Gives a site its host names, the main one first: at once, without a release. */
    public void setHosts(SiteId site, PersonId who, List<String> hosts) {
        List<String> names = SiteCommand.hostNames(hosts);
        require(site)
                .settle(
                        who,
                        SiteCommand.setHosts(names),
                        "hosts-" + UUID.randomUUID(),
                        done -> rows.setHosts(site, names));
        byHost = rows.hosts();
    }

    /** Takes a site out of service; it is kept, and can be brought back. */
    public void retire(SiteId site) {
        require(site);
        Instant at = clock.instant();
        database.write(() -> {
            rows.retire(site, at);
            return site;
        });
        retired.put(site, at);
        known.remove(site);
        used.invalidate(site);
    }

    /** Puts a retired site into service again, under the names that it had. */
    public void bringBack(SiteId site) {
        requireRetired(site);
        database.write(() -> {
            rows.retire(site, null);
            return site;
        });
        known.add(site);
        retired.remove(site);
    }

    /** Takes a retired site away for good, once it has been kept as long as it is to be. */
    public void remove(SiteId site) {
        Instant until = requireRetired(site).plus(KEPT);
        if (clock.instant().isBefore(until)) {
            throw Refusal.conflict(
                    "kept-still",
                    "site",
                    "A retired site is kept for " + KEPT.toDays() + " days: this one until "
                            + until.toString().substring(0, 10) + ".",
                    "Save it as a pack meanwhile, or come back then.");
        }
        database.write(() -> {
            rows.remove(site);
            return site;
        });
        retired.remove(site);
        open.invalidate(site);
        byHost = rows.hosts();
    }

    private Instant requireRetired(SiteId site) {
        return Optional.ofNullable(retired.get(site)).orElseThrow(() -> Refusal.unknown("site", site.text()));
    }

    /** The host names of some sites. */
    public Set<String> hosts(Collection<SiteId> sites) {
        return byHost.entrySet().stream()
                .filter(h -> sites.contains(h.getValue()))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }
}
