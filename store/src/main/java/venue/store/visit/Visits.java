package venue.store.visit;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/**
 * How often the pages of sites are read, by day. It is counted in memory and written down by the minute, so that no visitor waits for the
 * disk; of who it was nothing is held, not even in memory, so that two visitors can't be told apart.
 */
public final class Visits {

    /** For how many days it is kept: a year, and as much again as a month needs to be compared. */
    public static final int DAYS = 400;

    private static final Logger LOG = LoggerFactory.getLogger(Visits.class);
    private static final String KEEP = """
            insert into page_read (site, page, day, people, robots) values (:site, :page, :day, :people, :robots)
            on conflict (site, page, day) do update set people = people + excluded.people, robots = robots + excluded.robots
            """;

    private record Page(SiteId site, String page, LocalDate day) {}

    private final Database database;
    private final Map<Page, Day> news = new ConcurrentHashMap<>();

    public Visits(Database database) {
        this.database = database;
    }

    /** Counts a page so many times more, in memory alone. */
    public void note(SiteId site, String page, LocalDate day, boolean robot, long many) {
        news.merge(new Page(site, page, day), robot ? new Day(0, many) : new Day(many, 0), Day::and);
    }

    /** Writes down what was counted since it was written down last. Where that can't be done now, it waits for the next time. */
    public void write() {
        Map<Page, Day> taken = new HashMap<>();
        // What comes meanwhile may be met again.
        news.keySet().forEach(p -> Optional.ofNullable(news.remove(p)).ifPresent(d -> taken.merge(p, d, Day::and)));
        if (taken.isEmpty()) {
            return;
        }
        try {
            database.write(() -> {
                taken.forEach((p, d) -> add(p.site(), p.page(), p.day(), d));
                return taken;
            });
        } catch (RuntimeException e) {
            taken.forEach((p, d) -> news.merge(p, d, Day::and));
            LOG.warn("How often pages were read can't be written down now", e);
        }
    }

    /** Within a transaction. */
    private void add(SiteId site, String page, LocalDate day, Day read) {
        database.sql()
                .sql(KEEP)
                .param("site", site)
                .param("page", page)
                .param("day", day.toString())
                .param("people", read.people())
                .param("robots", read.robots())
                .update();
    }

    /** What was counted elsewhere, or is made up. */
    public void bring(SiteId site, String page, Map<LocalDate, Day> days) {
        database.write(() -> {
            days.forEach((day, d) -> add(site, page, day, d));
            return true;
        });
    }

    /** How often a page was read on a day. */
    public record Day(long people, long robots) {

        private Day and(Day other) {
            return new Day(people + other.people, robots + other.robots);
        }
    }

    private record PageSum(String page, long people) {}

    /** How often people read each page, from a day on and before another. */
    public Map<String, Integer> people(SiteId site, LocalDate from, LocalDate before) {
        Map<String, Integer> all = new HashMap<>();
        database.sql()
                .sql("""
                        select page, sum(people) as people from page_read
                        where site = :site and day >= :from and day < :before group by page having sum(people) > 0
                        """)
                .param("site", site)
                .param("from", from.toString())
                .param("before", before.toString())
                .query(PageSum.class)
                .list()
                .forEach(p -> all.put(p.page(), (int) Math.min(Integer.MAX_VALUE, p.people())));
        return Map.copyOf(all);
    }

    private record PageDay(String day, long people, long robots) {}

    /** Day by day, from a day on and before another; days without a reader are left out. */
    public Map<LocalDate, Day> days(SiteId site, String page, LocalDate from, LocalDate before) {
        List<PageDay> rows = database.sql()
                .sql("""
                        select day, people, robots from page_read
                        where site = :site and page = :page and day >= :from and day < :before order by day
                        """)
                .param("site", site)
                .param("page", page)
                .param("from", from.toString())
                .param("before", before.toString())
                .query(PageDay.class)
                .list();
        Map<LocalDate, Day> days = new HashMap<>();
        rows.forEach(r -> days.put(LocalDate.parse(r.day()), new Day(r.people(), r.robots())));
        return Map.copyOf(days);
    }
}
