package venue.store.workspace;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.Hash;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;
import venue.store.journal.HashChange;

/** The working copies' maps from item to content. */
final class WorkingMap {

    private static final String ALL = "select item, hash from working where site = :site order by item";
    private static final String PUT = """
            insert into working (site, item, hash) values (?, ?, ?)
            on conflict (site, item) do update set hash = excluded.hash
            """;
    private static final String REMOVE = "delete from working where site = ? and item = ?";

    private record Row(String item, Hash hash) {}

    private final Database database;
    private final JdbcClient sql;

    WorkingMap(Database database) {
        this.database = database;
        sql = database.sql();
    }

    Map<String, Hash> load(SiteId site) {
        Map<String, Hash> map = new HashMap<>();
        sql.sql(ALL).param("site", site).query(Row.class).list().forEach(r -> map.put(r.item(), r.hash()));
        return map;
    }

    void apply(SiteId site, List<HashChange> changes) {
        List<Object[]> put = new ArrayList<>();
        List<Object[]> removed = new ArrayList<>();
        for (HashChange change : changes) {
            if (change.after() == null) {
                removed.add(new Object[] {site, change.item()});
            } else {
                put.add(new Object[] {site, change.item(), change.after()});
            }
        }
        database.each(REMOVE, removed);
        database.each(PUT, put);
    }
}
