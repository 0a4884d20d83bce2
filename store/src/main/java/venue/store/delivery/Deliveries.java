package venue.store.delivery;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.SiteId;
import venue.core.edition.json.ItemJson;
import venue.store.database.Database;

/** The deliveries of all sites. */
public final class Deliveries {

    private static final String ALL = "select site, id, name, goes from delivery where site = :site order by at, id";
    private static final String SITES = "select distinct site from delivery order by site";
    private static final String PUT = """
            insert into delivery (site, id, name, goes, at) values (:site, :id, :name, :goes, :at)
            on conflict (site, id) do update set name = excluded.name, goes = excluded.goes
            """;
    private static final String STATE = """
            select release, at, failures, next_at, says, fix, run, again, untold, objects, bytes from delivery_state
            where site = :site and id = :id
            """;
    private static final String KEEP = """
            insert into delivery_state (site, id, release, at, failures, next_at, says, fix, run, again,
              untold, objects, bytes)
            values (:site, :id, :release, :at, :failures, :next, :says, :fix, :run, :again, :untold, :objects, :bytes)
            on conflict (site, id) do update set release = excluded.release, at = excluded.at,
              failures = excluded.failures, next_at = excluded.next_at, says = excluded.says, fix = excluded.fix,
              run = excluded.run, again = excluded.again, untold = excluded.untold,
              objects = excluded.objects, bytes = excluded.bytes
            """;
    private static final String SENT = """
            insert into delivered (site, id, release, at, objects, bytes)
            values (:site, :id, :release, :at, :objects, :bytes)
            on conflict (site, id, release) do update set at = excluded.at,
              objects = delivered.objects + excluded.objects, bytes = delivered.bytes + excluded.bytes
            """;
    private static final String ARRIVED = """
            select id, release, at, objects, bytes from delivered where site = :site and release > :from
            order by release desc, id limit :limit
            """;
    private static final List<String> TABLES = List.of("delivered", "delivery_state", "delivery");

    private record Row(SiteId site, String id, String name, String goes) {
        Delivery delivery() {
            return new Delivery(site, id, name, ItemJson.read(Delivery.Goes.class, goes));
        }
    }

    private record StateRow(
            int release,
            @Nullable String at,
            int failures,
            @Nullable String nextAt,
            String says,
            String fix,
            String run,
            boolean again,
            String untold,
            int objects,
            long bytes) {

        DeliveryState state() {
            return new DeliveryState(
                    release,
                    at == null ? null : Instant.parse(at),
                    nextAt == null ? null : new DeliveryState.Trouble(failures, Instant.parse(nextAt), says, fix),
                    run,
                    again,
                    untold.isEmpty() ? List.of() : List.of(untold.split("\n")),
                    new DeliveryState.Holds(objects, bytes));
        }
    }

    /**
     * What a delivery sent for a release; times are ISO 8601.
     *
     * @param id of the delivery
     */
    public record Arrived(String id, int release, String at, int objects, long bytes) {}

    private final Database database;

    public Deliveries(Database database) {
        this.database = database;
    }

    /** The sites that have any. */
    public List<SiteId> sites() {
        return database.sql().sql(SITES).query(String.class).list().stream()
                .map(SiteId::new)
                .toList();
    }

    /** Those of a site, in the order in which they were made. */
    public List<Delivery> of(SiteId site) {
        return database.sql().sql(ALL).param("site", site).query(Row.class).list().stream()
                .map(Row::delivery)
                .toList();
    }

    public Optional<Delivery> find(SiteId site, String id) {
        return of(site).stream().filter(d -> d.id().equals(id)).findFirst();
    }

    /** Keeps one, in place of that of the same id. */
    public void put(Delivery delivery, Instant at) {
        database.write(() -> database.sql()
                .sql(PUT)
                .param("site", delivery.site())
                .param("id", delivery.id())
                .param("name", delivery.name())
                .param("goes", ItemJson.write(delivery.goes()))
                .param("at", at.toString())
                .update());
    }

    /** Forgets one; what it sent stays where it lies. */
    public void remove(Delivery delivery) {
        database.write(() -> {
            TABLES.forEach(t -> database.sql()
                    .sql("delete from " + t + " where site = :site and id = :id")
                    .param("site", delivery.site())
                    .param("id", delivery.id())
                    .update());
            return delivery;
        });
    }

    public DeliveryState state(Delivery delivery) {
        return database.sql()
                .sql(STATE)
                .param("site", delivery.site())
                .param("id", delivery.id())
                .query(StateRow.class)
                .optional()
                .map(StateRow::state)
                .orElse(DeliveryState.NEVER);
    }

    public void keep(Delivery delivery, DeliveryState state) {
        DeliveryState.Trouble trouble = state.trouble();
        database.write(() -> database.sql()
                .sql(KEEP)
                .param("site", delivery.site())
                .param("id", delivery.id())
                .param("release", state.release())
                .param("at", state.at() == null ? null : state.at().toString())
                .param("failures", trouble == null ? 0 : trouble.failures())
                .param("next", trouble == null ? null : trouble.nextAt().toString())
                .param("says", trouble == null ? "" : trouble.says())
                .param("fix", trouble == null ? "" : trouble.fix())
                .param("run", state.run())
                .param("again", state.again())
                .param("untold", String.join("\n", state.untold()))
                .param("objects", state.holds().objects())
                .param("bytes", state.holds().bytes())
                .update());
    }

    /** A release has arrived; what is sent for it later is added. */
    public void sent(Delivery delivery, Arrived arrived) {
        database.write(() -> database.sql()
                .sql(SENT)
                .param("site", delivery.site())
                .param("id", delivery.id())
                .param("release", arrived.release())
                .param("at", arrived.at())
                .param("objects", arrived.objects())
                .param("bytes", arrived.bytes())
                .update());
    }

    /** What arrived of the releases after one, the latest first. */
    public List<Arrived> arrived(SiteId site, int from, int limit) {
        return database.sql()
                .sql(ARRIVED)
                .param("site", site)
                .param("from", from)
                .param("limit", limit)
                .query(Arrived.class)
                .list();
    }
}
