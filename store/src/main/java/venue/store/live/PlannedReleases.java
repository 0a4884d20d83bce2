package venue.store.live;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/** The releases that are set for a time, with the versions that they hold. */
public final class PlannedReleases {

    private static final String ALL = """
            select id, wanted, who, at, note, step, changes from planned_release
            where site = :site order by wanted, at, id
            """;
    private static final String SOON =
            "select distinct site from planned_release where wanted <= :wanted order by site";
    private static final String INSERT = """
            insert into planned_release (site, id, wanted, who, at, note, step, changes)
            values (:site, :id, :wanted, :who, :at, :note, :step, :changes)
            """;
    private static final String MOVE =
            "update planned_release set wanted = :wanted, note = :note where site = :site and id = :id";
    private static final List<String> TABLES = List.of("planned_change", "planned_need", "planned_release");

    /**
     * A release that is set for a time.
     *
     * @param wanted when by the clocks of the site, ISO 8601 without an offset
     * @param at when it was set, ISO 8601
     * @param step the step whose versions it holds
     * @param changes how many changes it makes, as they were told when it was set
     */
    public record Planned(String id, String wanted, PersonId who, String at, String note, long step, int changes) {}

    /** A version that it holds, and what was live then; absent where there is none. */
    public record Held(
            String item, @Nullable Hash base, @Nullable Hash hash) {}

    private record Need(String item, String name) {}

    private final Database database;

    public PlannedReleases(Database database) {
        this.database = database;
    }

    /** All of a site, the first to come first. */
    public List<Planned> all(SiteId site) {
        return database.sql().sql(ALL).param("site", site).query(Planned.class).list();
    }

    public Optional<Planned> find(SiteId site, String id) {
        return all(site).stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The sites that have one of which the time, written without an offset, is not later. */
    public List<SiteId> before(String wanted) {
        return database.sql().sql(SOON).param("wanted", wanted).query(String.class).list().stream()
                .map(SiteId::new)
                .toList();
    }

    public List<Held> held(SiteId site, String id) {
        return database.sql()
                .sql("select item, base, hash from planned_change where site = :site and id = :id order by item")
                .param("site", site)
                .param("id", id)
                .query(Held.class)
                .list();
    }

    /** What it can't do without, by id with its name. */
    public Map<String, String> needs(SiteId site, String id) {
        Map<String, String> needs = new TreeMap<>();
        database.sql()
                .sql("select item, name from planned_need where site = :site and id = :id")
                .param("site", site)
                .param("id", id)
                .query(Need.class)
                .list()
                .forEach(n -> needs.put(n.item(), n.name()));
        return needs;
    }

    public void add(SiteId site, Planned planned, List<Held> held, Map<String, String> needs) {
        database.write(() -> {
            int added = database.sql()
                    .sql(INSERT)
                    .param("site", site)
                    .param("id", planned.id())
                    .param("wanted", planned.wanted())
                    .param("who", planned.who())
                    .param("at", planned.at())
                    .param("note", planned.note())
                    .param("step", planned.step())
                    .param("changes", planned.changes())
                    .update();
            database.each(
                    "insert into planned_change (site, id, item, base, hash) values (?, ?, ?, ?, ?)",
                    held.stream()
                            .map(h -> new Object[] {site, planned.id(), h.item(), h.base(), h.hash()})
                            .toList());
            database.each(
                    "insert into planned_need (site, id, item, name) values (?, ?, ?, ?)",
                    needs.entrySet().stream()
                            .map(n -> new Object[] {site, planned.id(), n.getKey(), n.getValue()})
                            .toList());
            return added;
        });
    }

    /** Sets it for another time; the versions that it holds stay. */
    public void move(SiteId site, String id, String wanted, String note) {
        database.write(() -> database.sql()
                .sql(MOVE)
                .param("site", site)
                .param("id", id)
                .param("wanted", wanted)
                .param("note", note)
                .update());
    }

    public void cancel(SiteId site, String id) {
        database.write(() -> remove(site, id));
    }

    /** To be called within one transaction with what it becomes. */
    public int remove(SiteId site, String id) {
        return TABLES.stream()
                .mapToInt(t -> database.sql()
                        .sql("delete from " + t + " where site = :site and id = :id")
                        .param("site", site)
                        .param("id", id)
                        .update())
                .sum();
    }
}
