package venue.store.telling;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/** What search engines were told of the sitemaps of sites: the addresses with what they knew of each, and how it went. */
public final class Told {

    /**
     * How it went last.
     *
     * @param release of which they know all; 0 where they know nothing
     * @param at when they were told last; absent where they never were
     * @param addresses how many they were told then
     * @param failures how many times it has failed since
     * @param nextAt when it is tried again; absent where it needn't be
     * @param says what stands in the way; empty where nothing does
     */
    public record State(
            int release,
            @Nullable Instant at,
            int addresses,
            int failures,
            @Nullable Instant nextAt,
            String says) {
        public static final State NEVER = new State(0, null, 0, 0, null, "");
    }

    private record Row(
            int release,
            @Nullable String at,
            int addresses,
            int failures,
            @Nullable String nextAt,
            String says) {
        State state() {
            return new State(release, instant(at), addresses, failures, instant(nextAt), says);
        }

        private static @Nullable Instant instant(@Nullable String text) {
            return text == null ? null : Instant.parse(text);
        }
    }

    private record Line(String address, String changed) {}

    private final Database database;

    public Told(Database database) {
        this.database = database;
    }

    /** The sites of which they were told, or were to be told, before. */
    public List<SiteId> sites() {
        return database.sql().sql("select site from telling").query(String.class).list().stream()
                .map(SiteId::new)
                .toList();
    }

    public State state(SiteId site) {
        return database.sql()
                .sql("select release, at, addresses, failures, next_at, says from telling where site = :site")
                .param("site", site)
                .query(Row.class)
                .optional()
                .map(Row::state)
                .orElse(State.NEVER);
    }

    /** When each address had changed, as they know it. */
    public Map<String, String> addresses(SiteId site) {
        Map<String, String> all = new HashMap<>();
        database.sql()
                .sql("select address, changed from told where site = :site")
                .param("site", site)
                .query(Line.class)
                .list()
                .forEach(l -> all.put(l.address(), l.changed()));
        return all;
    }

    /** They were told of some addresses: when each has changed, and empty where it is no more. */
    public void tell(SiteId site, Map<String, Optional<String>> lines) {
        database.write(() -> {
            lines.forEach((address, changed) -> (changed.isEmpty()
                            ? database.sql().sql("delete from told where site = :site and address = :address")
                            : database.sql()
                                    .sql("insert into told (site, address, changed) values (:site, :address, :changed)"
                                            + " on conflict (site, address) do update set changed = excluded.changed")
                                    .param("changed", changed.get()))
                    .param("site", site)
                    .param("address", address)
                    .update());
            return lines;
        });
    }

    public void keep(SiteId site, State state) {
        database.write(() -> database.sql()
                .sql("""
                        insert into telling (site, release, at, addresses, failures, next_at, says)
                        values (:site, :release, :at, :addresses, :failures, :next, :says)
                        on conflict (site) do update set release = excluded.release, at = excluded.at,
                          addresses = excluded.addresses, failures = excluded.failures, next_at = excluded.next_at,
                          says = excluded.says
                        """)
                .param("site", site)
                .param("release", state.release())
                .param("at", state.at() == null ? null : state.at().toString())
                .param("addresses", state.addresses())
                .param("failures", state.failures())
                .param("next", state.nextAt() == null ? null : state.nextAt().toString())
                .param("says", state.says())
                .update());
    }

    /** They are told nothing more of a site, and what they know of it is forgotten. */
    public void forget(SiteId site) {
        database.write(() -> {
            List.of("told", "telling")
                    .forEach(t -> database.sql()
                            .sql("delete from " + t + " where site = :site")
                            .param("site", site)
                            .update());
            return site;
        });
    }
}
