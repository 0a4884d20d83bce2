package venue.store.workspace;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.live.release.Trace;

/** Reads out of the journal how items came to differ from what visitors have: by the steps since they last agreed. */
final class Traces implements Past.Came {

    private static final String SINCE = """
            with differing as (
              select w.item, l.hash as live from working w left join live l on l.site = w.site and l.item = w.item
              where w.site = :site and l.hash is not w.hash
              union all
              select l.item, l.hash from live l left join working w on w.site = l.site and w.item = l.item
              where l.site = :site and w.hash is null)
            select d.item, s.who, s.step_group as "group"
            from differing d join step_change c on c.item = d.item join step s on s.id = c.step
            where s.site = :site and c.step > coalesce(
              (select max(a.step) from step_change a join step t on t.id = a.step
               where a.item = d.item and t.site = :site and a.after is d.live), 0)
            order by s.id
            """;

    private record Hand(String item, PersonId who, String group) {}

    private final JdbcClient sql;
    private final SiteId site;

    Traces(JdbcClient sql, SiteId site) {
        this.sql = sql;
        this.site = site;
    }

    @Override
    public Map<String, Trace> of(Set<String> ids) {
        Map<String, Trace> traces = new HashMap<>();
        sql.sql(SINCE)
                .param("site", site)
                .query(Hand.class)
                .list()
                .forEach(
                        h -> traces.merge(h.item(), Trace.of(h.who(), h.group()), (a, b) -> a.and(h.who(), h.group())));
        Map<String, Trace> asked = new HashMap<>();
        ids.forEach(id -> asked.put(id, traces.getOrDefault(id, Trace.UNKNOWN)));
        return asked;
    }
}
