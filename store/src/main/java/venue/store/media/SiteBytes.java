package venue.store.media;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.SiteId;
import venue.core.model.media.Media;

/**
 * How many bytes the files that a site has ever taken in had as they were sent. Files stay for undo and history after they
 * are removed, and so they stay counted.
 */
public final class SiteBytes {

    private static final String SUM = """
            select coalesce(sum(bytes), 0) from (
              select distinct json_extract(c.body, '$.file') as file, json_extract(c.body, '$.bytes') as bytes
              from content c where c.type = 'MEDIA' and exists (
                select 1 from step_change x join step s on s.id = x.step
                where x.item = json_extract(c.body, '$.id') and x.after = c.hash and s.site = :site))
            """;

    private final JdbcClient sql;
    private final Map<SiteId, Long> known = new ConcurrentHashMap<>();

    public SiteBytes(JdbcClient sql) {
        this.sql = sql;
    }

    public long of(SiteId site) {
        return known.computeIfAbsent(
                site, s -> sql.sql(SUM).param("site", s).query(Long.class).single());
    }

    /** Counts a file that the site has taken in. */
    public void taken(SiteId site, Media media) {
        known.computeIfPresent(site, (s, bytes) -> bytes + media.bytes());
    }
}
