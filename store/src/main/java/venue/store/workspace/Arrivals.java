package venue.store.workspace;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.SiteId;
import venue.core.carry.beginning.ReadySite;
import venue.core.carry.pack.Known;
import venue.core.carry.pack.Pack;
import venue.core.carry.pack.Reading;
import venue.store.content.Contents;
import venue.store.database.Database;

/** What came into a site with packs: who those items are wherever they are carried to, and what they were before they came. */
final class Arrivals {

    /** The latest first, so that the first of them stands in the end. */
    private static final String BORN = """
            select c.item, c.after as word, s.step_group = 'begin' as begun
            from step_change c join step s on s.id = c.step
            where s.site = :site and c.before is null and c.after is not null order by s.id desc
            """;

    private static final String CAME = "select item, identity as word, 0 as begun from came where site = :site";
    private static final String TAKEN = """
            select t.item, t.hash, t.fixed, coalesce(s.step_group, '') as of_group
            from taken t left join step s on s.id = t.step where t.site = :site order by t.step
            """;
    private static final String REVERSED =
            "select step_group as of_group, reverses from step where site = :site and reverses is not null";
    private static final String PUT_TAKEN =
            "insert or replace into taken (site, item, step, fixed, hash) values (?, ?, ?, ?, ?)";
    private static final String PUT = """
            insert into came (site, item, identity) values (?, ?, ?)
            on conflict (site, item) do update set identity = excluded.identity
            """;
    private static final String PUT_PAST = "insert or ignore into past (site, item, hash) values (?, ?, ?)";
    private static final String HELD = "select count(*) from past where site = :site and item = :item and hash = :hash";

    private record Row(String item, String word, boolean begun) {

        /** What is ready made is the same wherever a site begins with it. */
        String identity() {
            return Pack.identity(item, begun && ReadySite.isReadyMade(item) ? "ready made" : word);
        }
    }

    private final SiteId site;
    private final Database database;
    private final Contents contents;

    Arrivals(SiteId site, Database database, Contents contents) {
        this.site = site;
        this.database = database;
        this.contents = contents;
    }

    /** Whether an item was this before it came. */
    boolean held(String item, Hash hash) {
        return database.sql()
                        .sql(HELD)
                        .param("site", site)
                        .param("item", item)
                        .param("hash", hash)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /**
     * Keeps who items are that have come, what they were then, and what others were before they came.
     *
     * @param step the step by which they came, or after which they were given to all sites
     * @param fixed whether undoing that step leaves it so
     */
    void keep(Map<String, Reading.Came> came, Collection<Item> pasts, long step, boolean fixed) {
        Map<String, Hash> hashes =
                kept(came.values().stream().map(Reading.Came::theirs).toList());
        kept(pasts);
        Map<String, String> identities = new HashMap<>();
        List<Object[]> taken = new ArrayList<>();
        came.forEach((item, one) -> {
            identities.put(item, one.identity());
            taken.add(new Object[] {site, item, step, fixed, hashes.get(item)});
        });
        keep(identities);
        database.each(PUT_TAKEN, taken);
    }

    /** Keeps who is named in a site that begins. */
    void keep(Map<String, String> identities) {
        database.each(
                PUT,
                identities.entrySet().stream()
                        .map(e -> new Object[] {site, e.getKey(), e.getValue()})
                        .toList());
    }

    /** Keeps what items once were; the hash of each, by its id. */
    Map<String, Hash> kept(Collection<Item> pasts) {
        List<Item> items = List.copyOf(pasts);
        List<Hash> hashes = contents.put(items);
        List<Object[]> rows = new ArrayList<>();
        Map<String, Hash> byId = new HashMap<>();
        for (int i = 0; i < items.size(); i++) {
            rows.add(new Object[] {site, items.get(i).id(), hashes.get(i)});
            byId.put(items.get(i).id(), hashes.get(i));
        }
        database.each(PUT_PAST, rows);
        return byId;
    }

    /** Who the site's items are: as a pack said, or by what they began with. */
    Known known() {
        Map<String, String> identities = new HashMap<>();
        rows(BORN).forEach(r -> identities.put(r.item(), r.identity()));
        rows(CAME).forEach(r -> identities.put(r.item(), r.word()));
        Map<String, String> items = new HashMap<>();
        identities.forEach((item, identity) -> items.merge(identity, item, (a, b) -> a.compareTo(b) < 0 ? a : b));
        Map<String, Hash> taken = taken();
        return new Known() {
            @Override
            public Optional<Hash> taken(String id) {
                return Optional.ofNullable(taken.get(id));
            }

            @Override
            public String identity(String id) {
                return identities.getOrDefault(id, Pack.identity(id, ""));
            }

            @Override
            public Optional<String> find(String identity) {
                return Optional.ofNullable(items.get(identity));
            }

            @Override
            public boolean isUsed(String id) {
                return identities.containsKey(id);
            }
        };
    }

    private record Taken(String item, Hash hash, boolean fixed, String ofGroup) {}

    private record Reversal(String ofGroup, String reverses) {}

    /** What items were when they came last, by steps that have not been taken back. */
    /** Which groups take back which. */
    private Map<String, List<String>> reversals() {
        Map<String, List<String>> reversals = new HashMap<>();
        database.sql()
                .sql(REVERSED)
                .param("site", site)
                .query(Reversal.class)
                .list()
                .forEach(r -> reversals
                        .computeIfAbsent(r.reverses(), g -> new ArrayList<>())
                        .add(r.ofGroup()));
        return reversals;
    }

    private Map<String, Hash> taken() {
        Map<String, List<String>> reversals = reversals();
        Map<String, Hash> taken = new HashMap<>();
        database.sql().sql(TAKEN).param("site", site).query(Taken.class).list().stream()
                .filter(t -> t.fixed() || holds(t.ofGroup(), reversals))
                .forEach(t -> taken.put(t.item(), t.hash()));
        return taken;
    }

    /** Whether a group has not been taken back, or has been done again since. */
    private static boolean holds(String group, Map<String, List<String>> reversals) {
        return reversals.getOrDefault(group, List.of()).stream().noneMatch(r -> holds(r, reversals));
    }

    private List<Row> rows(String query) {
        return database.sql().sql(query).param("site", site).query(Row.class).list();
    }
}
