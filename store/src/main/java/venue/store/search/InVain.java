package venue.store.search;

import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import venue.core.text.Letters;
import venue.core.text.Words;
import venue.store.database.Database;

/** What visitors of a site looked for and did not find: words, days (UTC) and counts, kept for 90 days, and nothing of who it was. */
public final class InVain {

    /** For how many days it is kept. */
    public static final int DAYS = 90;

    /** The most different words of one site and day: whoever asks for more of them is no visitor. */
    static final int MOST_A_DAY = 500;

    private static final int LONGEST = 80;
    private static final int SHOWN = 200;

    private static final String NOTE = """
            insert into sought (site, day, words, times)
            select :site, :day, :words, 1
            where (select count(*) from sought where site = :site and day = :day) < :most
               or exists (select 1 from sought where site = :site and day = :day and words = :words)
            on conflict (site, day, words) do update set times = times + 1
            """;
    private static final String ALL = """
            select words, sum(times) as times, max(day) as last from sought
            where site = :site and day > :since group by words order by times desc, last desc, words limit :most
            """;

    /**
     * Words that were looked for in vain.
     *
     * @param last the day on which they were last, ISO 8601
     */
    public record Missed(String words, int times, String last) {}

    private final Database database;
    private final InstantSource clock;

    public InVain(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Counts words once more; white space, and capital letters, make no difference. */
    public void note(String site, String typed) {
        String words = Words.shorten(Letters.line(typed).toLowerCase(Locale.ROOT), LONGEST);
        if (words.isEmpty()) {
            return;
        }
        database.write(() -> {
            database.sql()
                    .sql("delete from sought where site = :site and day <= :since")
                    .param("site", site)
                    .param("since", since())
                    .update();
            return database.sql()
                    .sql(NOTE)
                    .param("site", site)
                    .param("day", today().toString())
                    .param("words", words)
                    .param("most", MOST_A_DAY)
                    .update();
        });
    }

    /** Those that were looked for most come first; at most 200. */
    public List<Missed> all(String site) {
        return database.sql()
                .sql(ALL)
                .param("site", site)
                .param("since", since())
                .param("most", SHOWN)
                .query(Missed.class)
                .list();
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    private String since() {
        return today().minusDays(DAYS).toString();
    }
}
