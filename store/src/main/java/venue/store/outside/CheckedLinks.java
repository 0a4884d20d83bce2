package venue.store.outside;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/** What was found at the addresses of other sites to which a site links. */
public final class CheckedLinks {

    private record Row(String address, String at, String says) {}

    private final Database database;
    /** Asked for with every step. */
    private final Map<SiteId, Map<String, String>> dead = new ConcurrentHashMap<>();

    public CheckedLinks(Database database) {
        this.database = database;
    }

    /** The addresses at which something is wrong, with what that is. */
    public Map<String, String> dead(SiteId site) {
        return dead.computeIfAbsent(
                site,
                s -> rows(s).stream()
                        .filter(r -> !r.says().isEmpty())
                        .collect(Collectors.toUnmodifiableMap(Row::address, Row::says)));
    }

    private List<Row> rows(SiteId site) {
        return database.sql()
                .sql("select address, at, says from outside_link where site = :site")
                .param("site", site)
                .query(Row.class)
                .list();
    }

    /** When each address was looked at last. */
    public Map<String, Instant> lookedAt(SiteId site) {
        Map<String, Instant> at = new HashMap<>();
        rows(site).forEach(r -> at.put(r.address(), Instant.parse(r.at())));
        return at;
    }

    /**
     * Keeps what was found at an address.
     *
     * @param says what is wrong there; empty where nothing is
     */
    public void put(SiteId site, String address, Instant at, String says) {
        database.write(() -> database.sql()
                .sql("insert into outside_link (site, address, at, says) values (:site, :address, :at, :says)"
                        + " on conflict (site, address) do update set at = excluded.at, says = excluded.says")
                .param("site", site)
                .param("address", address)
                .param("at", at.toString())
                .param("says", says)
                .update());
    }

    /** All were looked at: what the site links to no more is forgotten. */
    public void done(SiteId site, Instant at, Collection<String> linked) {
        Set<String> left = new HashSet<>(lookedAt(site).keySet());
        linked.forEach(left::remove);
        database.write(() -> {
            left.forEach(address -> database.sql()
                    .sql("delete from outside_link where site = :site and address = :address")
                    .param("site", site)
                    .param("address", address)
                    .update());
            return database.sql()
                    .sql("insert into links_checked (site, at) values (:site, :at)"
                            + " on conflict (site) do update set at = excluded.at")
                    .param("site", site)
                    .param("at", at.toString())
                    .update();
        });
        dead.remove(site);
    }

    /** Whether it is done every week. */
    public void weekly(SiteId site, boolean is) {
        database.write(() -> database.sql()
                .sql("insert into links_checked (site, weekly) values (:site, :weekly)"
                        + " on conflict (site) do update set weekly = excluded.weekly")
                .param("site", site)
                .param("weekly", is ? 1 : 0)
                .update());
    }

    /** The sites at which it is done every week. */
    public List<SiteId> weekly() {
        return database.sql().sql("select site from links_checked where weekly = 1").query(String.class).list().stream()
                .map(SiteId::new)
                .toList();
    }

    private record Last(@Nullable String at) {}

    /** When all of a site were looked at last. */
    public Optional<Instant> last(SiteId site) {
        return database.sql()
                .sql("select at from links_checked where site = :site")
                .param("site", site)
                .query(Last.class)
                .optional()
                .map(Last::at)
                .map(Instant::parse);
    }
}
