package venue.store.workspace;

import java.time.InstantSource;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.random.RandomGenerator;
import venue.core.edit.media.MediaCommand;
import venue.core.fault.Refusal;
import venue.core.item.Ids;
import venue.core.item.Item;
import venue.core.pack.Pack;
import venue.store.content.Contents;
import venue.store.database.Database;

/** All sites of one data folder. */
public final class Workspaces {

    private final Database database;
    private final Contents contents;
    private final InstantSource clock;
    private final RandomGenerator chance;
    private final List<BiConsumer<String, Done>> listeners = new CopyOnWriteArrayList<>();
    private final Map<String, Workspace> byHost = new ConcurrentHashMap<>();
    private final Map<String, Workspace> bySite = Collections.synchronizedMap(new LinkedHashMap<>());

    public Workspaces(Database database, InstantSource clock, RandomGenerator chance) {
        this.database = database;
        this.clock = clock;
        this.chance = chance;
        contents = new Contents(database);
        new WorkingMap(database).sites().forEach(s -> bySite.put(s, workspace(s)));
    }

    private Workspace workspace(String site) {
        return new Workspace(
                site, database, contents, clock, chance, done -> listeners.forEach(l -> l.accept(site, done)));
    }

    /** Tells of each step from now on, with its site, in the thread of whoever did it: it must not wait. */
    public void onStep(BiConsumer<String, Done> listener) {
        listeners.add(listener);
    }

    /** A new site that begins with these items; nothing of it is live yet. */
    public Workspace begin(String site, String who, List<Item> items) {
        return begin(site, who, items, made -> {});
    }

    /** The same, and what is done in it first: the site is there when all of that has been done, or not at all. */
    public Workspace begin(String site, String who, List<Item> items, Consumer<Workspace> first) {
        return begin(site, made -> {
            made.begin(who, MediaCommand.takeIn(site, items), done -> {});
            first.accept(made);
        });
    }

    /** A new site that is what a pack holds, under a host name. */
    public Workspace begin(String site, String who, Pack pack, String host, Consumer<Workspace> first) {
        return begin(site, made -> {
            made.packs().begin(who, pack, host);
            first.accept(made);
        });
    }

    private Workspace begin(String site, Consumer<Workspace> all) {
        Ids.check(site, "site");
        if (bySite.containsKey(site)) {
            throw Refusal.conflict(
                    "site-exists", "site", "There is a site “" + site + "” already.", "Take another id.");
        }
        Workspace workspace = database.write(() -> {
            new WorkingMap(database).addSite(site, clock.instant());
            Workspace made = workspace(site);
            all.accept(made);
            return made;
        });
        bySite.put(site, workspace);
        return workspace;
    }

    public Collection<Workspace> all() {
        return List.copyOf(bySite.values());
    }

    public Optional<Workspace> find(String site) {
        return Optional.ofNullable(bySite.get(site));
    }

    public Workspace require(String site) {
        return find(site).orElseThrow(() -> Refusal.unknown("site", site));
    }

    /** The site whose live release is served under a host name. */
    public Optional<Workspace> servedAt(String host) {
        Workspace known = byHost.get(host);
        if (known != null && serves(known, host)) {
            return Optional.of(known);
        }
        for (Workspace workspace : all()) {
            if (serves(workspace, host)) {
                byHost.put(host, workspace);
                return Optional.of(workspace);
            }
        }
        return Optional.empty();
    }

    private static boolean serves(Workspace workspace, String host) {
        return workspace.now().working().site().hosts().contains(host);
    }
}
