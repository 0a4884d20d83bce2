package venue.store.live;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.store.journal.HashChange;

/** The releases of each site, and the live map that they made. */
public final class Releases {

    private static final String INSERT =
            "insert into release (site, number, at, who, note, back_to, due) values (:site, :number, :at, :who, :note, :back, :due)";
    private static final String INSERT_CHANGE = """
            insert into release_change (site, number, item, before, after)
            values (:site, :number, :item, :before, :after)
            """;
    private static final String PUT = """
            insert into live (site, item, hash, changed_at) values (:site, :item, :hash, :at)
            on conflict (site, item) do update set hash = excluded.hash, changed_at = excluded.changed_at
            """;
    private static final String CHANGED_AT = "update live set changed_at = :at where site = :site and item = :item";
    private static final String REMOVE = "delete from live where site = :site and item = :item";
    private static final String LATEST = "select coalesce(max(number), 0) from release where site = :site";
    private static final String LOG = """
            select r.number, r.at, r.who, r.note, r.back_to, r.due,
              (select count(*) from release_change c where c.site = r.site and c.number = r.number) as changes
            from release r where r.site = :site order by r.number desc limit :limit offset :from
            """;
    private static final String MAP = "select item, hash, changed_at from live where site = :site order by item";
    private static final String CHANGES = """
            select item, before, after from release_change
            where site = :site and number = :number order by item
            """;
    private static final String CHANGES_SINCE = """
            select item, before, after from release_change
            where site = :site and number > :number order by number desc, item
            """;

    /**
     * A release as the log has it; times are ISO 8601.
     *
     * @param backTo the release that it went back to, where it did
     * @param due for when it was set, where it was
     * @param changes how many items it changed
     */
    public record Logged(
            int number,
            String at,
            String who,
            String note,
            @Nullable Integer backTo,
            @Nullable String due,
            int changes) {

        public Logged by(String name) {
            return new Logged(number, at, name, note, backTo, due, changes);
        }
    }

    /** Why a release is made, in a line for the log. */
    public record Reason(
            PersonId who,
            String note,
            @Nullable Integer backTo,
            @Nullable Instant due) {}

    /** One item of the live map. */
    public record Placed(String item, Hash hash, String changedAt) {}

    private final JdbcClient sql;

    public Releases(JdbcClient sql) {
        this.sql = sql;
    }

    public List<Placed> map(SiteId site) {
        return sql.sql(MAP).param("site", site).query(Placed.class).list();
    }

    /** The number of the latest release, or 0. */
    public int latest(SiteId site) {
        return sql.sql(LATEST).param("site", site).query(Integer.class).single();
    }

    /** The latest releases, newest first without the first {@code from}, at most {@code limit}. */
    public List<Logged> log(SiteId site, int from, int limit) {
        return sql.sql(LOG)
                .param("site", site)
                .param("from", from)
                .param("limit", limit)
                .query(Logged.class)
                .list();
    }

    public List<HashChange> changes(SiteId site, int number) {
        return sql.sql(CHANGES)
                .param("site", site)
                .param("number", number)
                .query(HashChange.class)
                .list();
    }

    /** What of the live map was otherwise after a release: each item that has been changed since, as it was then. */
    public Map<String, Optional<Hash>> otherwiseAt(SiteId site, int number) {
        Map<String, Optional<Hash>> then = new HashMap<>();
        sql.sql(CHANGES_SINCE)
                .param("site", site)
                .param("number", number)
                .query(HashChange.class)
                .list()
                .forEach(c -> then.put(c.item(), Optional.ofNullable(c.before())));
        return then;
    }

    /** Keeps a release and makes its changes to the live map; to be called within one transaction. */
    public int append(SiteId site, Instant at, Reason why, List<HashChange> changes) {
        int number = latest(site) + 1;
        sql.sql(INSERT)
                .param("site", site)
                .param("number", number)
                .param("at", at.toString())
                .param("who", why.who())
                .param("note", why.note())
                .param("back", why.backTo())
                .param("due", why.due() == null ? null : why.due().toString())
                .update();
        for (HashChange change : changes) {
            sql.sql(INSERT_CHANGE)
                    .param("site", site)
                    .param("number", number)
                    .param("item", change.item())
                    .param("before", change.before())
                    .param("after", change.after())
                    .update();
            apply(site, at, change);
        }
        return number;
    }

    /** Sets when items last changed for visitors; to be called within one transaction. */
    public void changedAt(SiteId site, Map<String, Instant> when) {
        when.forEach((item, at) -> sql.sql(CHANGED_AT)
                .param("site", site)
                .param("item", item)
                .param("at", at.toString())
                .update());
    }

    private void apply(SiteId site, Instant at, HashChange change) {
        if (change.after() == null) {
            sql.sql(REMOVE).param("site", site).param("item", change.item()).update();
        } else {
            sql.sql(PUT)
                    .param("site", site)
                    .param("item", change.item())
                    .param("hash", change.after())
                    .param("at", at.toString())
                    .update();
        }
    }
}
