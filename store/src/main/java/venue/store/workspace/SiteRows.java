package venue.store.workspace;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Ids;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/** The rows of the sites, their host names, and what is known of them without opening them. */
final class SiteRows {

    private static final String ADD = "insert into site (id, created_at) values (:id, :at)";
    /** Patterns reach no visitor, and wait for nothing. */
    private static final String LISTED = """
            select s.id, s.retired_at, json_extract(c.body, '$.name') as name,
              json_extract(c.body, '$.language') as language, json_extract(c.body, '$.hosts[0]') as host,
              (select coalesce(max(number), 0) from release r where r.site = s.id) as release,
              (exists (select 1 from working w join content x on x.hash = w.hash
                left join live l on l.site = w.site and l.item = w.item
                where w.site = s.id and l.hash is not w.hash and x.type <> 'PATTERN')
              or exists (select 1 from live l left join working w on w.site = l.site and w.item = l.item
                where l.site = s.id and w.hash is null)) as waits
            from site s join working o on o.site = s.id and o.item = 'site' join content c on c.hash = o.hash
            where s.id in (:ids) order by s.created_at, s.id
            """;
    /** What holds rows of a site, those that others point at last. */
    private static final List<String> TABLES = List.of(
            "came",
            "taken",
            "past",
            "host",
            "put_away",
            "seat",
            "sent_proof",
            "sought",
            "page_read",
            "told",
            "telling",
            "set_aside",
            "outside_link",
            "links_checked",
            "rating",
            "rating_of_member",
            "led",
            "left_alone",
            "kept_filter",
            "answer_file",
            "form_call",
            "answer",
            "letter",
            "subscriber",
            "member_link",
            "member_session",
            "member_group",
            "member",
            "request",
            "delivered",
            "delivery_state",
            "delivery",
            "planned_change",
            "planned_need",
            "planned_release",
            "asked_item",
            "asked_release",
            "release_change",
            "release",
            "live",
            "working");

    private record Row(SiteId id, @Nullable String retiredAt) {}

    private final Database database;

    SiteRows(Database database) {
        this.database = database;
    }

    /** All sites, and since when those are retired that are. */
    Map<SiteId, Optional<Instant>> all() {
        Map<SiteId, Optional<Instant>> all = new HashMap<>();
        database.sql()
                .sql("select id, retired_at from site order by created_at, id")
                .query(Row.class)
                .list()
                .forEach(r -> all.put(r.id(), Optional.ofNullable(r.retiredAt()).map(Instant::parse)));
        return all;
    }

    void add(SiteId site, Instant at) {
        database.sql()
                .sql(ADD)
                .param("id", Ids.check(site.text(), "site"))
                .param("at", at.toString())
                .update();
    }

    void retire(SiteId site, @Nullable Instant at) {
        database.sql()
                .sql("update site set retired_at = :at where id = :id")
                .param("at", at == null ? null : at.toString())
                .param("id", site)
                .update();
    }

    List<Workspaces.Listed> listed(Collection<SiteId> sites) {
        return sites.isEmpty()
                ? List.of()
                : database.sql()
                        .sql(LISTED)
                        .param("ids", sites)
                        .query(Workspaces.Listed.class)
                        .list();
    }

    /** Which site each host name belongs to. */
    Map<String, SiteId> hosts() {
        record Host(String name, SiteId site) {}
        Map<String, SiteId> hosts = new HashMap<>();
        database.sql()
                .sql("select name, site from host")
                .query(Host.class)
                .list()
                .forEach(h -> hosts.put(h.name(), h.site()));
        return hosts;
    }

    /** Gives a site these host names and no others; refused where one belongs to another site. */
    void setHosts(SiteId site, List<String> hosts) {
        Map<String, SiteId> taken = hosts();
        hosts.stream()
                .filter(h -> taken.containsKey(h) && !site.equals(taken.get(h)))
                .findFirst()
                .ifPresent(h -> {
                    throw Refusal.conflict(
                            "host-taken",
                            "siteHost",
                            "“" + h + "” belongs to another site.",
                            "Give another host name, or take it away there first.");
                });
        database.sql()
                .sql("delete from host where site = :site")
                .param("site", site)
                .update();
        database.each(
                "insert into host (name, site) values (?, ?)",
                hosts.stream().map(h -> new Object[] {h, site}).toList());
    }

    /** Takes everything of a site away for good; contents that others may share, files and the record stay. */
    void remove(SiteId site) {
        database.sql()
                .sql("delete from step_change where step in (select id from step where site = :site)")
                .param("site", site)
                .update();
        database.sql()
                .sql("delete from step where site = :site")
                .param("site", site)
                .update();
        TABLES.forEach(t -> database.sql()
                .sql("delete from " + t + " where site = :site")
                .param("site", site)
                .update());
        database.sql()
                .sql("delete from site where id = :site")
                .param("site", site)
                .update();
    }
}
