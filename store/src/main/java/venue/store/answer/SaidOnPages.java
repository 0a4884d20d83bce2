package venue.store.answer;

import java.time.InstantSource;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BiConsumer;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Filling;
import venue.store.database.Database;

/** Answers that are comments: those that stand on a page are read by others there. */
public final class SaidOnPages {

    private static final String SELECT = "select a.*, 0 as line from answer a where a.site = :site and a.shown = 1";

    private final Database database;
    private final InstantSource clock;
    private final List<BiConsumer<SiteId, String>> listeners = new CopyOnWriteArrayList<>();

    SaidOnPages(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Who wants to know that a page shows others than before; it is told the page's id. */
    public void onChange(BiConsumer<SiteId, String> told) {
        listeners.add(told);
    }

    /** Tells that a page shows others than before. */
    void tell(SiteId site, String page) {
        listeners.forEach(l -> l.accept(site, page));
    }

    /** Those that stand on a page, the oldest first; of more than so many the newest. */
    public List<Answer> on(SiteId site, String page, int most) {
        List<Answer> newest =
                new java.util.ArrayList<>(query(SELECT + " and a.page = :page order by a.number desc limit :most", site)
                        .param("page", page)
                        .param("most", most)
                        .query(AnswerRows::answer)
                        .list());
        java.util.Collections.reverse(newest);
        return newest;
    }

    /** The newest of the site, the newest first. */
    public List<Answer> newest(SiteId site, int most) {
        return query(SELECT + " order by a.came desc limit :most", site)
                .param("most", most)
                .query(AnswerRows::answer)
                .list();
    }

    private record PageCount(String page, int many) {}

    /** How many stand on each page that has any. */
    public Map<String, Integer> counts(SiteId site) {
        Map<String, Integer> counts = new HashMap<>();
        query("select page, count(*) as many from answer where site = :site and shown = 1 group by page", site)
                .query(PageCount.class)
                .list()
                .forEach(c -> counts.put(c.page(), c.many()));
        return counts;
    }

    private JdbcClient.StatementSpec query(String sql, SiteId site) {
        return database.sql().sql(sql).param("site", site);
    }

    /** Lets some through, or takes them off their pages; who lets one through has looked at what was said of it. */
    public void stand(SiteId site, Collection<AnswerId> ids, boolean shown) {
        database.write(() -> ids.stream()
                .mapToInt(id -> query(
                                "update answer set shown = :shown, reported = case when :shown = 1 then 0 else reported end"
                                        + " where site = :site and id = :id and shown is not null",
                                site)
                        .param("shown", shown ? 1 : 0)
                        .param("id", id)
                        .update())
                .sum());
        told(site, ids);
    }

    /** Whoever wrote it says something else; it stands, or waits to be let through once more. */
    public void rewrite(SiteId site, AnswerId id, List<Filling.Said> said, boolean shown) {
        database.write(() -> query(
                        "update answer set said = :said, words = :words, edited = :now, shown = :shown, state = 'new'"
                                + " where site = :site and id = :id and shown is not null",
                        site)
                .param("said", AnswerRows.kept(said))
                .param("words", AnswerRows.words(said))
                .param("now", clock.instant().toString())
                .param("shown", shown ? 1 : 0)
                .param("id", id)
                .update());
        told(site, List.of(id));
    }

    /** Somebody says that it should not stand there: it is new again to those who work with it. */
    public void report(SiteId site, AnswerId id) {
        database.write(() -> query(
                        "update answer set reported = reported + 1, state = 'new' where site = :site and id = :id and shown = 1",
                        site)
                .param("id", id)
                .update());
    }

    private void told(SiteId site, Collection<AnswerId> ids) {
        ids.stream()
                .flatMap(id -> query("select page from answer where site = :site and id = :id", site)
                        .param("id", id)
                        .query(String.class)
                        .optional()
                        .stream())
                .distinct()
                .forEach(page -> tell(site, page));
    }
}
