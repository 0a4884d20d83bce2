package venue.store.record;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
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
            where %s order by id desc limit :most
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
            By by,
            @Nullable SiteId site,
            @Nullable PersonId about,
            @Nullable String detail) {}

    /** What is asked for; null for any. Lines come with the latest first, those before a line's id. */
    public record Asked(
            @Nullable SiteId site,
            @Nullable PersonId who,
            @Nullable Deed deed,
            @Nullable Long before,
            int most) {}

    public void write(Deed deed, By by, @Nullable SiteId site, @Nullable PersonId about, @Nullable String detail) {
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

    /** Each condition is there only where it is asked for, so that the lines are found by an index. */
    public List<Line> find(Asked asked) {
        Map<String, Object> given = new LinkedHashMap<>();
        put(given, "site = :site", asked.site());
        put(given, "(who = :who or about = :who)", asked.who());
        put(given, "deed = :deed", asked.deed() == null ? null : asked.deed().name());
        put(given, "id < :before", asked.before());
        String where = given.isEmpty() ? "true" : String.join(" and ", given.keySet());
        JdbcClient.StatementSpec found =
                database.sql().sql(FIND.formatted(where)).param("most", asked.most());
        given.forEach((condition, value) -> found.param(condition.replaceAll(".*:(\\w+).*", "$1"), value));
        return found.query(Records::line).list();
    }

    private static Line line(ResultSet row, int number) throws SQLException {
        return new Line(
                row.getLong("id"),
                row.getString("at"),
                Deed.valueOf(row.getString("deed")),
                new By(PersonId.of(row.getString("who")), Objects.requireNonNullElse(row.getString("origin"), "")),
                SiteId.of(row.getString("site")),
                PersonId.of(row.getString("about")),
                row.getString("detail"));
    }

    private static void put(Map<String, Object> given, String condition, @Nullable Object value) {
        if (value != null) {
            given.put(condition, value);
        }
    }
}
