package venue.store.journal;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/** Every step of every site, in order. Undo and redo are read out of it. */
public final class Journal {

    private static final String INSERT_STEP = """
            insert into step (site, at, who, name, kind, step_group, reverses)
            values (:site, :at, :who, :name, :kind, :group, :reverses)
            """;
    private static final String INSERT_CHANGE =
            "insert into step_change (step, item, before, after) values (?, ?, ?, ?)";
    private static final String LATEST = "select coalesce(max(id), 0) from step where site = :site";
    /** The person's steps, the latest first; a group stands where its first step does. */
    private static final String TURNS = """
            select kind, step_group as "group" from step s
            where site = :site and who = :who and kind in ('DO', 'UNDO', 'REDO') and not exists (
              select 1 from step e where e.site = s.site and e.step_group = s.step_group and e.id < s.id and e.who = s.who)
            order by id desc
            """;

    private static final String GROUP = """
            select s.step_group as id, s.name, (select min(c.item) from step_change c where c.step = s.id) as item
            from step s where s.site = :site and s.step_group = :group and s.who = :who order by s.id desc limit 1
            """;
    private static final String OF_GROUP = """
            select c.item, c.before, c.after from step_change c join step s on s.id = c.step
            where s.site = :site and s.step_group = :group and s.who = :who
            order by s.id, c.item
            """;
    private static final String HELD = """
            select count(*) from (
              select 1 from step_change c join step s on s.id = c.step
              where c.item = :item and (c.after = :hash or c.before = :hash) and s.site = :site limit 1)
            """;
    /** In SQLite the columns beside a lone max() are those of the row that has it. */
    private static final String VERSIONS = """
            select c.after as hash, s.at, s.who, s.name, s.kind, max(s.id) as step
            from step_change c join step s on s.id = c.step
            where s.site = :site and c.item = :item and c.after is not null
            group by s.step_group order by step desc limit :limit offset :from
            """;

    private static final String CAME_AFTER = """
            select count(*) from (
              select 1 from step_change c join step s on s.id = c.step
              where c.item = :item and c.after is :hash and c.step > :step and s.site = :site limit 1)
            """;

    private static final String LAST_OF_ITEM = """
            select s.who, s.at, s.name from step_change c join step s on s.id = c.step
            where s.site = :site and c.item = :item order by s.id desc limit 1
            """;

    /** The columns beside the lone max() are those of the last step. */
    private static final String LAST_OF_MANY = """
            select c.item, s.who, s.at, s.name, max(s.id) as step from step_change c join step s on s.id = c.step
            where s.site = :site and c.item >= :from and c.item < :to group by c.item
            """;

    /** A version of an item: the content with this hash, and who brought it about when (ISO 8601). */
    public record Version(Hash hash, String at, PersonId who, String name, Step.Kind kind, long step) {}

    /**
     * A group of steps that can be taken back or done again.
     *
     * @param item the first that its last step changed, which is where it acts
     */
    public record Group(String id, String name, @Nullable String item) {}

    /** Who changed an item last, when (ISO 8601) and what they did. */
    public record Last(PersonId who, String at, String name) {}

    private record LastOf(String item, PersonId who, String at, String name) {}

    private record Turn(Step.Kind kind, String group) {}

    private final Database database;
    private final JdbcClient sql;

    public Journal(Database database) {
        this.database = database;
        sql = database.sql();
    }

    /** Keeps a step with its changes and gives its number. */
    public long append(Step step, List<HashChange> changes) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        sql.sql(INSERT_STEP)
                .param("site", step.site())
                .param("at", step.at().toString())
                .param("who", step.who())
                .param("name", step.name())
                .param("kind", step.kind().name())
                .param("group", step.group())
                .param("reverses", step.reverses())
                .update(key);
        long id = java.util.Objects.requireNonNull(key.getKey()).longValue();
        database.each(
                INSERT_CHANGE,
                changes.stream()
                        .map(c -> new Object[] {id, c.item(), c.before(), c.after()})
                        .toList());
        return id;
    }

    /** What a group of steps was called when it was last worked at. */
    public String nameOf(SiteId site, String group) {
        return sql.sql("select name from step where site = :site and step_group = :group order by id desc limit 1")
                .param("site", site)
                .param("group", group)
                .query(String.class)
                .optional()
                .orElse("");
    }

    /** Whether an item came to be so after a step; absent for not being there. */
    public boolean cameAfter(SiteId site, String item, @Nullable Hash hash, long step) {
        return sql.sql(CAME_AFTER)
                        .param("site", site)
                        .param("item", item)
                        .param("hash", hash)
                        .param("step", step)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** The items that the site began with. */
    public Set<String> beganWith(SiteId site) {
        return database.sql()
                .sql("select item from step_change where step = (select min(id) from step where site = :site)")
                .param("site", site)
                .query(String.class)
                .set();
    }

    /** The number of the site's latest step, or 0. */
    public long latest(SiteId site) {
        return sql.sql(LATEST).param("site", site).query(Long.class).single();
    }

    /** Whether an item of the site ever had this content. */
    public boolean held(SiteId site, String item, Hash hash) {
        return sql.sql(HELD)
                        .param("site", site)
                        .param("item", item)
                        .param("hash", hash)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** What the person would take back next: what they did last and have not taken back, however long ago. */
    public Optional<Group> undoable(SiteId site, PersonId who) {
        return open(site, who, Set.of(Step.Kind.DO, Step.Kind.REDO), Set.of(Step.Kind.UNDO));
    }

    /** What the person would do again next: what they took back last, unless they have done something since. */
    public Optional<Group> redoable(SiteId site, PersonId who) {
        return open(site, who, Set.of(Step.Kind.UNDO), Set.of(Step.Kind.REDO));
    }

    /**
     * Walks back to the latest step of a kind that {@code opens} and that none of the kinds that {@code close} has answered;
     * a step of any other kind ends the walk.
     */
    private Optional<Group> open(SiteId site, PersonId who, Set<Step.Kind> opens, Set<Step.Kind> close) {
        int answered = 0;
        try (Stream<Turn> turns = sql.sql(TURNS).param("site", site).param("who", who).query(Turn.class).stream()) {
            for (Iterator<Turn> each = turns.iterator(); each.hasNext(); ) {
                Turn turn = each.next();
                if (close.contains(turn.kind())) {
                    answered++;
                } else if (!opens.contains(turn.kind())) {
                    return Optional.empty();
                } else if (answered-- == 0) {
                    return Optional.of(group(site, who, turn.group()));
                }
            }
        }
        return Optional.empty();
    }

    private Group group(SiteId site, PersonId who, String group) {
        return sql.sql(GROUP)
                .param("site", site)
                .param("who", who)
                .param("group", group)
                .query(Group.class)
                .single();
    }

    /** What a person's group did in all: for each item the content before its first step and after its last. */
    public List<HashChange> changes(SiteId site, PersonId who, String group) {
        Map<String, HashChange> all = new LinkedHashMap<>();
        sql.sql(OF_GROUP)
                .param("site", site)
                .param("group", group)
                .param("who", who)
                .query(HashChange.class)
                .list()
                .forEach(c -> all.merge(c.item(), c, (a, b) -> new HashChange(a.item(), a.before(), b.after())));
        return List.copyOf(all.values());
    }

    /** The versions of an item, the latest first without the first {@code from}; steps of one group count as one. */
    public List<Version> versions(SiteId site, String item, int from, int limit) {
        return sql.sql(VERSIONS)
                .param("site", site)
                .param("item", item)
                .param("from", from)
                .param("limit", limit)
                .query(Version.class)
                .list();
    }

    /**
     * Who changed items last, by item.
     *
     * @param beginning what the ids of the items that are meant begin with
     */
    public Map<String, Last> lastOfAll(SiteId site, String beginning) {
        return sql
                .sql(LAST_OF_MANY)
                .param("site", site)
                .param("from", beginning)
                .param("to", beginning + "~")
                .query(LastOf.class)
                .list()
                .stream()
                .collect(Collectors.toMap(LastOf::item, l -> new Last(l.who(), l.at(), l.name())));
    }

    public Optional<Last> lastOf(SiteId site, String item) {
        return sql.sql(LAST_OF_ITEM)
                .param("site", site)
                .param("item", item)
                .query(Last.class)
                .optional();
    }
}
