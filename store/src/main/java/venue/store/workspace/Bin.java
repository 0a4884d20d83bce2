package venue.store.workspace;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.store.content.Contents;

/**
 * Pages that were removed, for 30 days: read out of the journal, so that there is nothing to fill or to empty. What was removed together
 * comes back together.
 */
public final class Bin {

    /** For how long removed pages can be brought back. */
    public static final Duration KEPT = Duration.ofDays(30);

    private static final String REMOVED = """
            select s.step_group as "group", s.at, s.who, c.item,
              json_extract(x.body, '$.title') as title, json_extract(x.body, '$.segment') as segment,
              json_extract(x.body, '$.parent') as parent
            from step s join step_change c on c.step = s.id join content x on x.hash = c.before
            where s.site = :site and s.at > :since and s.kind in ('DO', 'REDO') and c.after is null and x.type = 'PAGE'
            order by s.id
            """;
    private static final String PAGES = """
            select c.item, c.before, max(s.id) as step from step s join step_change c on c.step = s.id
            where s.site = :site and s.step_group = :group and c.after is null and c.before is not null group by c.item
            """;
    private static final String MENUS = """
            select c.item, c.before, min(s.id) as step from step s join step_change c on c.step = s.id
            join content x on x.hash = c.before
            where s.site = :site and s.step_group = :group and x.type = 'MENU' group by c.item
            """;

    /** A page as it was when it was removed. */
    private record Removed(
            String group,
            String at,
            PersonId who,
            String item,
            String title,
            String segment,
            @Nullable String parent) {}

    /** What an item was before a step changed it or took it away. */
    private record Was(String item, Hash before) {}

    /**
     * What was removed at once.
     *
     * @param page the id of the page that was removed, beneath which the others stood
     * @param at when, ISO 8601
     * @param address where it would stand if it came back as it was; its own part alone where the page above is gone
     * @param ids of all of them, its own first
     */
    public record Lying(
            String group, String page, String title, String at, PersonId who, String address, Set<String> ids) {}

    private final Workspace workspace;
    private final JdbcClient sql;
    private final Contents contents;

    Bin(Workspace workspace, JdbcClient sql, Contents contents) {
        this.workspace = workspace;
        this.sql = sql;
        this.contents = contents;
    }

    /** What lies there now, the latest first. */
    public List<Lying> all(Edition working, Instant now) {
        List<Lying> lying = new ArrayList<>();
        byGroup(working, now)
                .forEach((group, pages) -> tops(pages).forEach(top -> {
                    Set<String> ids = beneath(top, pages);
                    String above = Optional.ofNullable(top.parent())
                            .filter(p -> working.page(p).isPresent())
                            .map(working.plan()::address)
                            .orElse("");
                    lying.add(new Lying(
                            group, top.item(), top.title(), top.at(), top.who(), above + "/" + top.segment(), ids));
                }));
        lying.sort(Comparator.comparing(Lying::at).reversed().thenComparing(Lying::page));
        return lying;
    }

    private Map<String, List<Removed>> byGroup(Edition working, Instant now) {
        Map<String, Removed> latest = new LinkedHashMap<>();
        sql.sql(REMOVED)
                .param("site", workspace.site())
                .param("since", now.minus(KEPT).toString())
                .query(Removed.class)
                .list()
                .forEach(r -> {
                    latest.remove(r.item());
                    latest.put(r.item(), r);
                });
        return latest.values().stream()
                .filter(r -> working.find(r.item()).isEmpty())
                .collect(Collectors.groupingBy(Removed::group, LinkedHashMap::new, Collectors.toList()));
    }

    private static List<Removed> tops(List<Removed> pages) {
        Set<String> ids = pages.stream().map(Removed::item).collect(Collectors.toSet());
        return pages.stream()
                .filter(p -> p.parent() == null || !ids.contains(p.parent()))
                .toList();
    }

    /** A page and what stood beneath it, those above before those beneath. */
    private static Set<String> beneath(Removed top, List<Removed> pages) {
        Map<String, List<String>> children = pages.stream()
                .filter(p -> p.parent() != null)
                .collect(Collectors.groupingBy(
                        p -> String.valueOf(p.parent()), Collectors.mapping(Removed::item, Collectors.toList())));
        List<String> ids = new ArrayList<>(List.of(top.item()));
        for (int i = 0; i < ids.size(); i++) {
            ids.addAll(children.getOrDefault(ids.get(i), List.of()));
        }
        return new LinkedHashSet<>(ids);
    }

    /** What brings back a page with all that was removed with it beneath it. */
    public PageCommand back(Edition working, String page, Instant now) {
        Lying lying = all(working, now).stream()
                .filter(l -> l.page().equals(page))
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("page in the bin", page));
        Map<String, Hash> was = was(PAGES, lying.group()).collect(Collectors.toMap(Was::item, Was::before));
        List<Page> pages =
                lying.ids().stream().map(id -> item(Page.class, was.get(id))).toList();
        List<Menu> menus =
                was(MENUS, lying.group()).map(m -> item(Menu.class, m.before())).toList();
        return PageCommand.fromBin(pages, menus);
    }

    private Stream<Was> was(String statement, String group) {
        return sql
                .sql(statement)
                .param("site", workspace.site())
                .param("group", group)
                .query(Was.class)
                .list()
                .stream();
    }

    private <T extends Item> T item(Class<T> type, @Nullable Hash hash) {
        return type.cast(contents.require(Objects.requireNonNull(hash)));
    }
}
