package venue.store.rating;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BiConsumer;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.body.trace.Rating;
import venue.core.body.trace.Ratings;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** How visitors rate the pages of sites: of strangers only sums are kept, of a member what they gave. */
public final class PageRatings {

    private static final String ALL = """
            select page, sum(many) as many, sum(value * many) as whole from (
              select page, value, many from rating where site = :site
              union all select page, value, 1 as many from rating_of_member where site = :site) group by page
            """;

    private final Database database;
    private final Records records;
    private final List<BiConsumer<SiteId, String>> listeners = new CopyOnWriteArrayList<>();

    public PageRatings(Database database, Records records) {
        this.database = database;
        this.records = records;
    }

    /** Who wants to know that a page was rated, or is rated no more; it is told the page's id. */
    public void onChange(BiConsumer<SiteId, String> told) {
        listeners.add(told);
    }

    private record PageRow(String page, int many, long whole) {}

    /** As they are now. */
    public Ratings all(SiteId site) {
        Map<String, Rating> all = new HashMap<>();
        query(ALL, site).query(PageRow.class).list().forEach(r -> all.put(r.page(), new Rating(r.many(), r.whole())));
        return new Ratings(all);
    }

    private JdbcClient.StatementSpec query(String sql, SiteId site) {
        return database.sql().sql(sql).param("site", site);
    }

    /** A stranger gives a page so much, from one to five. */
    public void give(SiteId site, String page, int value) {
        give(site, page, value, 1);
    }

    /** So many give a page so much. */
    public void give(SiteId site, String page, int value, int many) {
        check(value);
        database.write(() -> query(
                        "insert into rating (site, page, value, many) values (:site, :page, :value, :many)"
                                + " on conflict (site, page, value) do update set many = many + excluded.many",
                        site)
                .param("page", page)
                .param("value", value)
                .param("many", many)
                .update());
        listeners.forEach(l -> l.accept(site, page));
    }

    /** A member gives a page so much; gives whether they have not before. */
    public boolean give(SiteId site, String page, String member, int value) {
        check(value);
        int first = database.write(() -> query(
                        "insert into rating_of_member (site, page, member, value) values (:site, :page, :member, :value)"
                                + " on conflict (site, page, member) do nothing",
                        site)
                .param("page", page)
                .param("member", member)
                .param("value", value)
                .update());
        listeners.forEach(l -> l.accept(site, page));
        return first == 1;
    }

    private static void check(int value) {
        if (value < 1 || value > Rating.MOST) {
            throw Refusal.badInput(
                    "bad-rating", "value", "A page is rated from 1 to 5, not " + value + ".", "Give it one of these.");
        }
    }

    /** What a member gave, by page. */
    public Map<String, Integer> ofMember(SiteId site, String member) {
        record Given(String page, int value) {}
        Map<String, Integer> given = new HashMap<>();
        query("select page, value from rating_of_member where site = :site and member = :member", site)
                .param("member", member)
                .query(Given.class)
                .list()
                .forEach(g -> given.put(g.page(), g.value()));
        return given;
    }

    /** Takes away for good what a page was given. */
    public void clear(By by, SiteId site, String page) {
        database.write(() -> {
            int gone = 0;
            for (String table : List.of("rating", "rating_of_member")) {
                gone += query("delete from " + table + " where site = :site and page = :page", site)
                        .param("page", page)
                        .update();
            }
            if (gone > 0) {
                records.write(Deed.RATINGS_CLEARED, by, site, null, page);
            }
            return gone;
        });
        listeners.forEach(l -> l.accept(site, page));
    }
}
