package venue.store.journal;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import venue.store.database.Database;

/** Every step of every site, in order. Undo and redo are read out of it. */
public final class Journal {

    private static final int LOOK_BACK = 2_000;

    private static final String INSERT_STEP = """
            insert into step (site, at, who, name, kind, step_group, reverses, request)
            values (:site, :at, :who, :name, :kind, :group, :reverses, :request)
            """;
    private static final String INSERT_CHANGE =
            "insert into step_change (step, item, before, after) values (?, ?, ?, ?)";
    private static final String LATEST = "select coalesce(max(id), 0) from step where site = :site";
    private static final String BY_REQUEST = "select id from step where site = :site and request = :request";
    private static final String OF_PERSON = """
            select name, kind, step_group as "group", reverses from step
            where site = :site and who = :who and kind in ('DO', 'UNDO', 'REDO')
            order by id desc limit :limit
            """;
    private static final String OF_GROUP = """
            select c.item, c.before, c.after from step_change c join step s on s.id = c.step
            where s.site = :site and s.step_group = :group
            order by s.id, c.item limit 1000000
            """;
    /** In SQLite the columns beside a lone max() are those of the row that has it. */
    private static final String VERSIONS = """
            select c.after as hash, s.at, s.who, s.name, s.kind, max(s.id) as step
            from step_change c join step s on s.id = c.step
            where s.site = :site and c.item = :item and c.after is not null
            group by s.step_group order by step desc limit :limit
            """;

    private static final String LAST_OF_ITEM = """
            select s.who, s.at, s.name from step_change c join step s on s.id = c.step
            where s.site = :site and c.item = :item order by s.id desc limit 1
            """;

    /** A version of an item: the content with this hash, and who brought it about when (ISO 8601). */
    public record Version(String hash, String at, String who, String name, Step.Kind kind, long step) {}

    /** A group of steps that can be taken back or done again. */
    public record Group(String id, String name) {}

    /** Who changed an item last, when (ISO 8601) and what they did. */
    public record Last(String who, String at, String name) {}

    private record Past(
            String name,
            Step.Kind kind,
            String group,
            @Nullable String reverses) {}

    private final Database database;
    private final JdbcClient sql;

    public Journal(Database database) {
        this.database = database;
        sql = database.sql();
    }

    /** Keeps a step with its changes and gives its number. */
    public long append(Step step, List<Change> changes) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        sql.sql(INSERT_STEP)
                .param("site", step.site())
                .param("at", step.at().toString())
                .param("who", step.who())
                .param("name", step.name())
                .param("kind", step.kind().name())
                .param("group", step.group())
                .param("reverses", step.reverses())
                .param("request", step.request())
                .update(key);
        long id = java.util.Objects.requireNonNull(key.getKey()).longValue();
        database.each(
                INSERT_CHANGE,
                changes.stream()
                        .map(c -> new Object[] {id, c.item(), c.before(), c.after()})
                        .toList());
        return id;
    }

    /** The number of the site's latest step, or 0. */
    public long latest(String site) {
        return sql.sql(LATEST).param("site", site).query(Long.class).single();
    }

    /** The step that a request made already. */
    public Optional<Long> madeBy(String site, String request) {
        return sql.sql(BY_REQUEST)
                .param("site", site)
                .param("request", request)
                .query(Long.class)
                .optional();
    }

    /** What the person would take back next. */
    public Optional<Group> undoable(String site, String who) {
        return Optional.ofNullable(stacks(site, who).undo().peek());
    }

    /** What the person would do again next. */
    public Optional<Group> redoable(String site, String who) {
        return Optional.ofNullable(stacks(site, who).redo().peek());
    }

    private record Stacks(Deque<Group> undo, Deque<Group> redo) {}

    /** Plays the person's steps again: each undo moves the last group to the other stack, each redo brings it back. */
    private Stacks stacks(String site, String who) {
        Stacks stacks = new Stacks(new ArrayDeque<>(), new ArrayDeque<>());
        List<Past> past = sql.sql(OF_PERSON)
                .param("site", site)
                .param("who", who)
                .param("limit", LOOK_BACK)
                .query(Past.class)
                .list();
        Map<String, Past> groups = new LinkedHashMap<>();
        for (int i = past.size() - 1; i >= 0; i--) {
            groups.merge(past.get(i).group(), past.get(i), (first, later) -> later);
        }
        for (Past step : groups.values()) {
            play(stacks, step);
        }
        return stacks;
    }

    private static void play(Stacks stacks, Past step) {
        Group group = new Group(step.group(), step.name());
        switch (step.kind()) {
            case UNDO -> {
                stacks.undo().poll();
                stacks.redo().push(group);
            }
            case REDO -> {
                stacks.redo().poll();
                stacks.undo().push(group);
            }
            default -> {
                stacks.undo().push(group);
                stacks.redo().clear();
            }
        }
    }

    /** What a group did in all: for each item the content before its first step and after its last. */
    public List<Change> changes(String site, String group) {
        Map<String, Change> all = new LinkedHashMap<>();
        sql.sql(OF_GROUP)
                .param("site", site)
                .param("group", group)
                .query(Change.class)
                .list()
                .forEach(c -> all.merge(c.item(), c, (a, b) -> new Change(a.item(), a.before(), b.after())));
        return List.copyOf(all.values());
    }

    /** The versions of an item, the latest first; steps of one group count as one. */
    public List<Version> versions(String site, String item, int limit) {
        return sql.sql(VERSIONS)
                .param("site", site)
                .param("item", item)
                .param("limit", limit)
                .query(Version.class)
                .list();
    }

    public Optional<Last> lastOf(String site, String item) {
        return sql.sql(LAST_OF_ITEM)
                .param("site", site)
                .param("item", item)
                .query(Last.class)
                .optional();
    }
}
