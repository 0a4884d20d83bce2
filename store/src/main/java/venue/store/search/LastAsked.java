package venue.store.search;

import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/**
 * When visitors last asked for the addresses of a site that lead on: the day (UTC) of each, and nothing of who it was. It is noted in
 * memory and written down by the minute, so that no visitor waits for the disk.
 */
public final class LastAsked {

    private static final Logger LOG = LoggerFactory.getLogger(LastAsked.class);
    /** The most addresses that wait to be written down. */
    private static final int MOST_WAITING = 20_000;

    private static final String KEEP = """
            insert into led (site, address, last) values (:site, :address, :last)
            on conflict (site, address) do update set last = excluded.last
            """;
    private static final String ALL = "select address, last from led where site = :site";

    private record Address(SiteId site, String from) {}

    private record Row(String address, String last) {}

    /**
     * What is known of a site.
     *
     * @param since the day from which on it is known; absent where that is as long as there has been a release
     */
    public record Known(Map<String, LocalDate> last, Optional<LocalDate> since) {}

    private final Database database;
    private final InstantSource clock;
    private final Map<Address, LocalDate> news = new HashMap<>();

    public LastAsked(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** @param from what the redirect that led on is from */
    public synchronized void note(SiteId site, String from) {
        if (news.size() < MOST_WAITING) {
            news.put(new Address(site, from), LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC));
        }
    }

    /** Writes down what has been noted. Where that can't be written now, it waits for the next time. */
    public void write() {
        Map<Address, LocalDate> taken = take();
        if (taken.isEmpty()) {
            return;
        }
        try {
            database.write(() -> {
                taken.forEach((address, day) -> database.sql()
                        .sql(KEEP)
                        .param("site", address.site())
                        .param("address", address.from())
                        .param("last", day.toString())
                        .update());
                return taken;
            });
        } catch (RuntimeException e) {
            putBack(taken);
            LOG.warn("When addresses were asked for last can't be written down now", e);
        }
    }

    private synchronized Map<Address, LocalDate> take() {
        Map<Address, LocalDate> taken = new HashMap<>(news);
        news.clear();
        return taken;
    }

    private synchronized void putBack(Map<Address, LocalDate> taken) {
        taken.forEach(news::putIfAbsent);
    }

    public Known of(SiteId site) {
        write();
        Map<String, LocalDate> last = new HashMap<>();
        database.sql()
                .sql(ALL)
                .param("site", site)
                .query(Row.class)
                .list()
                .forEach(r -> last.put(r.address(), LocalDate.parse(r.last())));
        Optional<LocalDate> since = Optional.ofNullable(last.remove(""));
        return new Known(last, since);
    }
}
