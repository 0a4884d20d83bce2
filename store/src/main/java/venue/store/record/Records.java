package venue.store.record;

import java.time.Duration;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.store.database.Database;

/** The record: only ever appended to, within the transaction of what it tells where there is one. */
public final class Records {

    /** How long it is kept. */
    public static final Duration KEPT = Duration.ofDays(400);

    private static final String INSERT = """
            insert into record (at, deed, who, site, about, detail, origin)
            values (:at, :deed, :who, :site, :about, :detail, :origin)
            """;
    private static final String FIND = """
            select id, at, deed, who, site, about, detail, origin from record
            where (:site is null or site = :site) and (:who is null or who = :who or about = :who)
              and (:deed is null or deed = :deed) and (:before is null or id < :before)
            order by id desc limit :most
            """;

    private final Database database;
    private final InstantSource clock;

    public Records(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * A line of the record.
     *
     * @param about the person it was done to, by id
     * @param detail what else is to be said, such as a role or a release's number
     */
    public record Line(
            long id,
            String at,
            Deed deed,
            @Nullable String who,
            @Nullable String site,
            @Nullable String about,
            @Nullable String detail,
            @Nullable String origin) {}

    /** What is asked for; null for any. Lines come with the latest first, those before a line's id. */
    public record Asked(
            @Nullable String site,
            @Nullable String who,
            @Nullable Deed deed,
            @Nullable Long before,
            int most) {}

    public void write(Deed deed, By by, @Nullable String site, @Nullable String about, @Nullable String detail) {
        database.write(() -> database.sql()
                .sql(INSERT)
                .param("at", clock.instant().truncatedTo(ChronoUnit.SECONDS).toString())
                .param("deed", deed.name())
                .param("who", by.who())
                .param("site", site)
                .param("about", about)
                .param("detail", detail)
                .param("origin", by.origin())
                .update());
    }

    public List<Line> find(Asked asked) {
        return database.sql()
                .sql(FIND)
                .param("site", asked.site())
                .param("who", asked.who())
                .param("deed", asked.deed() == null ? null : asked.deed().name())
                .param("before", asked.before())
                .param("most", asked.most())
                .query(Line.class)
                .list();
    }

    /** Takes away what is older than it is to be kept; gives how many lines. */
    public int forget() {
        return database.write(() -> database.sql()
                .sql("delete from record where at < :before")
                .param("before", clock.instant().minus(KEPT).toString())
                .update());
    }
}
