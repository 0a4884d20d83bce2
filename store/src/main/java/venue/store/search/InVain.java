package venue.store.search;

import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import venue.core.basics.item.SiteId;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Words;
import venue.store.database.Database;

/**
 * What visitors of a site looked for and did not find, words or addresses: those, days (UTC) and counts, kept for 90 days, and
 * nothing of who it was. They are counted in memory and written down by the minute, so that no visitor waits for the disk.
 */
public final class InVain {

    /** What was looked for. */
    public enum What {
        WORDS(80),
        /** Addresses that somebody had from elsewhere. */
        ADDRESSES(200),
        /** Addresses to which a page of the site itself leads. */
        OWN_LINKS(200),
        /** Addresses that robots ask every site for, and what says that it is one: counted all in one. */
        ROBOTS(200);

        private final int longest;

        What(int longest) {
            this.longest = longest;
        }
    }

    /** For how many days it is kept. */
    public static final int DAYS = 90;

    /** The most different ones of one site, kind and day: whoever asks for more of them is no visitor. */
    static final int MOST_A_DAY = 500;

    /** The most different words that wait to be written down. */
    static final int MOST_WAITING = 5_000;

    private static final Logger LOG = LoggerFactory.getLogger(InVain.class);
    private static final int SHOWN = 200;

    private static final String NOTE = """
            insert into sought (site, what, day, words, times)
            select :site, :what, :day, :words, :times
            where (select count(*) from sought where site = :site and what = :what and day = :day) < :most
               or exists (select 1 from sought where site = :site and what = :what and day = :day and words = :words)
            on conflict (site, what, day, words) do update set times = times + excluded.times
            """;
    private static final String ALL = """
            select words, sum(times) as times, max(day) as last from sought
            where site = :site and what = :what and day > :since
              and not exists (select 1 from left_alone l where l.site = sought.site and l.address = sought.words)
            group by words order by times desc, last desc, words limit :most
            """;

    /**
     * Words, or an address, that were looked for in vain.
     *
     * @param last the day on which they were last, ISO 8601
     */
    public record Missed(String words, int times, String last) {}

    private final Database database;
    private final InstantSource clock;
    /** What has been counted since it was written down last. */
    private final Map<Counted, Integer> news = new LinkedHashMap<>();

    private long turns;

    private record Counted(SiteId site, What what, LocalDate day, String words) {}

    public InVain(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Counts words once more, in memory alone; white space, and capital letters, make no difference. */
    public synchronized void note(SiteId site, What what, String typed) {
        String words = Words.shorten(Letters.line(typed).toLowerCase(Locale.ROOT), what.longest);
        Counted counted = new Counted(site, what, today(), words);
        if (what == What.OWN_LINKS) {
            turns++;
        }
        if (!words.isEmpty() && (news.size() < MOST_WAITING || news.containsKey(counted))) {
            news.merge(counted, 1, Integer::sum);
        }
    }

    /** Changes whenever something else may be told of own links: what was told before is true until then. */
    public synchronized long turns() {
        return turns;
    }

    /** Writes down what has been counted. Where that can't be written now, it waits for the next time. */
    public void write() {
        Map<Counted, Integer> taken = take();
        if (taken.isEmpty()) {
            return;
        }
        try {
            database.write(() -> {
                taken.forEach(this::keep);
                return taken;
            });
        } catch (RuntimeException e) {
            putBack(taken);
            LOG.warn("What was sought in vain can't be written down now", e);
        }
    }

    private synchronized Map<Counted, Integer> take() {
        Map<Counted, Integer> taken = new LinkedHashMap<>(news);
        news.clear();
        return taken;
    }

    private synchronized void putBack(Map<Counted, Integer> taken) {
        taken.forEach((counted, times) -> news.merge(counted, times, Integer::sum));
    }

    private void keep(Counted counted, int times) {
        database.sql()
                .sql(NOTE)
                .param("site", counted.site())
                .param("what", counted.what().name())
                .param("day", counted.day().toString())
                .param("words", counted.words())
                .param("times", times)
                .param("most", MOST_A_DAY)
                .update();
    }

    /** Those that were looked for most come first; at most 200. */
    public List<Missed> all(SiteId site, What what) {
        write();
        return database.sql()
                .sql(ALL)
                .param("site", site)
                .param("what", what.name())
                .param("since", since())
                .param("most", SHOWN)
                .query(Missed.class)
                .list();
    }

    /** How many times it was looked for in vain, whatever it was. */
    public int times(SiteId site, What what) {
        return database.sql()
                .sql("select coalesce(sum(times), 0) from sought where site = :site and what = :what and day > :since")
                .param("site", site)
                .param("what", what.name())
                .param("since", since())
                .query(Integer.class)
                .single();
    }

    /** Tells an address no more. */
    public void leave(SiteId site, String address) {
        synchronized (this) {
            turns++;
        }
        database.write(() -> database.sql()
                .sql("insert or ignore into left_alone (site, address) values (:site, :address)")
                .param("site", site)
                .param("address", Words.shorten(address, What.ADDRESSES.longest))
                .update());
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    private String since() {
        return today().minusDays(DAYS).toString();
    }
}
