package venue.store.live;

import java.time.InstantSource;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.text.Letters;
import venue.store.database.Database;

/**
 * Changes of which those who may not release ask that they be released. What has gone live since is asked for no more: that is seen by what
 * waits, and not written down.
 */
public final class AskedReleases {

    /** As many a site may have at once. */
    static final int MOST = 100;

    private static final int LONGEST = 300;
    private static final String ALL = """
            select id, who, at, word, back_who, back_at, back_word from asked_release where site = :site order by at, id
            """;
    private static final String INSERT =
            "insert into asked_release (site, id, who, at, word) values (:site, :id, :who, :at, :word)";
    private static final String BACK = """
            update asked_release set back_who = :who, back_at = :at, back_word = :word where site = :site and id = :id
            """;

    /**
     * What somebody asks for.
     *
     * @param items the ids of what is to be released
     * @param back with which word it was given back, where it was
     */
    public record Asked(
            String id,
            PersonId who,
            String at,
            String word,
            Set<String> items,
            @Nullable Back back) {}

    public record Back(PersonId who, String at, String word) {}

    private record Row(
            String id,
            PersonId who,
            String at,
            String word,
            @Nullable PersonId backWho,
            @Nullable String backAt,
            @Nullable String backWord) {

        Asked asked(Set<String> items) {
            Back back = backWho == null || backAt == null
                    ? null
                    : new Back(backWho, backAt, backWord == null ? "" : backWord);
            return new Asked(id, who, at, word, items, back);
        }
    }

    private record Item(String id, String item) {}

    private final Database database;
    private final InstantSource clock;
    /** Asked for with every step. */
    private final Map<SiteId, List<Asked>> known = new ConcurrentHashMap<>();

    public AskedReleases(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * What is asked for of a site, or was given back, the earliest first, as far as it still waits.
     *
     * @param waiting the ids of all that waits
     */
    public List<Asked> all(SiteId site, Set<String> waiting) {
        return known.computeIfAbsent(site, this::read).stream()
                .map(a -> new Asked(
                        a.id(),
                        a.who(),
                        a.at(),
                        a.word(),
                        a.items().stream().filter(waiting::contains).collect(Collectors.toSet()),
                        a.back()))
                .filter(a -> !a.items().isEmpty())
                .toList();
    }

    /** How many are asked for and neither live nor given back. */
    public int open(SiteId site, Set<String> waiting) {
        return (int) all(site, waiting).stream().filter(a -> a.back() == null).count();
    }

    private List<Asked> read(SiteId site) {
        Map<String, Set<String>> items = database
                .sql()
                .sql("select id, item from asked_item where site = :site")
                .param("site", site)
                .query(Item.class)
                .list()
                .stream()
                .collect(Collectors.groupingBy(Item::id, Collectors.mapping(Item::item, Collectors.toSet())));
        return database.sql().sql(ALL).param("site", site).query(Row.class).list().stream()
                .map(r -> r.asked(items.getOrDefault(r.id(), Set.of())))
                .toList();
    }

    /** Asks; what the same person asked before of any of it is asked with this. */
    public Asked ask(SiteId site, PersonId who, Collection<String> items, @Nullable String word, Set<String> waiting) {
        String said = said(word);
        List<Asked> before = all(site, waiting);
        if (before.size() >= MOST) {
            throw Refusal.conflict(
                    "asked-too-much",
                    "items",
                    "As many as " + MOST + " releases are asked for already.",
                    "Ask a manager to release some of them first.");
        }
        Asked asked = new Asked(
                UUID.randomUUID().toString(), who, clock.instant().toString(), said, new HashSet<>(items), null);
        Set<String> kept = before.stream()
                .filter(a -> !a.who().equals(who) || a.items().stream().noneMatch(items::contains))
                .map(Asked::id)
                .collect(Collectors.toSet());
        List<String> over = known.computeIfAbsent(site, this::read).stream()
                .map(Asked::id)
                .filter(id -> !kept.contains(id))
                .toList();
        database.write(() -> {
            over.forEach(id -> remove(site, id));
            database.each(
                    "insert into asked_item (site, id, item) values (?, ?, ?)",
                    asked.items().stream()
                            .map(i -> new Object[] {site, asked.id(), i})
                            .toList());
            return database.sql()
                    .sql(INSERT)
                    .param("site", site)
                    .param("id", asked.id())
                    .param("who", who)
                    .param("at", asked.at())
                    .param("word", said)
                    .update();
        });
        known.remove(site);
        return asked;
    }

    /** Gives back what was asked for, with a word. */
    public Back giveBack(SiteId site, String id, PersonId who, @Nullable String word) {
        Back back = new Back(who, clock.instant().toString(), said(word));
        database.write(() -> database.sql()
                .sql(BACK)
                .param("site", site)
                .param("id", id)
                .param("who", who)
                .param("at", back.at())
                .param("word", back.word())
                .update());
        known.remove(site);
        return back;
    }

    /** Takes it away: whoever asked doesn't ask any more. */
    public void takeBack(SiteId site, String id) {
        database.write(() -> remove(site, id));
        known.remove(site);
    }

    public Optional<Asked> find(SiteId site, String id) {
        return known.computeIfAbsent(site, this::read).stream()
                .filter(a -> a.id().equals(id))
                .findFirst();
    }

    private int remove(SiteId site, String id) {
        database.sql()
                .sql("delete from asked_item where site = :site and id = :id")
                .param("site", site)
                .param("id", id)
                .update();
        return database.sql()
                .sql("delete from asked_release where site = :site and id = :id")
                .param("site", site)
                .param("id", id)
                .update();
    }

    private static String said(@Nullable String word) {
        String said = Letters.line(word == null ? "" : word);
        if (Letters.isUnseen(said) || said.length() > LONGEST) {
            throw Refusal.badInput(
                    "word-missing",
                    "word",
                    "It needs a word, in " + LONGEST + " characters at most.",
                    "Say in a sentence what it is about, or what is still to be done.");
        }
        return said;
    }
}
