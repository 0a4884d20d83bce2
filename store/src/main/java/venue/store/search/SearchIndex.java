package venue.store.search;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.body.search.Searcher;
import venue.core.body.search.Sought;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.edition.edition.Touched;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.show.gathering.PageText;

/**
 * The words of one live release in a file of its own (SQLite, FTS5): carried on by what each release changes, and made anew where it is
 * not of the release that it is to be carried on from. Nothing stands in it alone: it can be taken away at any time. What is open to
 * everyone and what is not are held apart, so that nothing of the one depends on the other.
 */
public final class SearchIndex implements Searcher, AutoCloseable {

    private static final String PAGES = """
            create virtual table if not exists page using fts5(id unindexed, title, topics, headings, words,
              tokenize = "unicode61 remove_diacritics 2", prefix = '1 2 3')
            """;
    private static final String PLACES =
            "create table if not exists place (id text primary key, at integer not null) without rowid";
    private static final String ABOUT = "create table if not exists about (release text not null)";
    /** Fails where the file is another's, or of another shape. */
    private static final String CHECK = "select id, title, topics, headings, words from page limit 1";

    private static final String FIND =
            "select id, bm25(page, 0, 10, 6, 4, 1) as score from page where page match :match order by score, id limit :most";
    private static final String TITLED =
            "select id, bm25(page, 0, 10, 3) as score from page where page match :match order by score, id limit :most";
    private static final String SNIPPET = """
            select snippet(page, 4, char(2), char(3), '…', 26) from page
            where page match :match and rowid in (select at from place where id = :id)
            """;
    private static final String PUT =
            "insert into page (rowid, id, title, topics, headings, words) values (?, ?, ?, ?, ?, ?)";
    private static final String SAID = """
            select title, topics, headings, words from page
            where rowid = (select at from place where id = ?)
            """;

    private static final String LATEST = "select rowid from page order by rowid desc limit 1";

    private static final int BATCH = 500;
    /** So many words that no page says are brought to others that a page says; the rest are left out. */
    private static final int MOST_WRONG = 4;

    /** Which pages of a release an index holds. */
    public enum Side {
        /** Those that everyone may open, as a stranger sees them. */
        OPEN(Visitor.STRANGER),
        /** The others. What of them some members alone may read is not searched. */
        CLOSED(Visitor.member(Set.of()));

        private final Visitor reader;

        Side(Visitor reader) {
            this.reader = reader;
        }

        private boolean holds(Edition live, Page page) {
            return live.plan().isShown(page.id()) && Gates.of(live).opens(page, Visitor.STRANGER) == (this == OPEN);
        }

        private PageText text(Edition live, Page page) {
            return PageText.of(this == OPEN ? Gates.of(live).seenBy(reader) : live, page, reader);
        }
    }

    /** A page that says it; the lower the score, the better. */
    record Hit(String id, double score) {}

    private final IndexFile file;
    private final Side side;
    private final Spelling spelling = new Spelling();
    private @Nullable Edition indexed;

    private SearchIndex(IndexFile file, Side side) {
        this.file = file;
        this.side = side;
    }

    /** Opens the index in a file; a file that holds none, or can't be read, is begun anew. */
    public static SearchIndex open(Path file, Side side) {
        List<String> tables = Stream.concat(Stream.of(PAGES, PLACES, ABOUT), Spelling.TABLES.stream())
                .toList();
        return new SearchIndex(IndexFile.open(file, tables, CHECK), side);
    }

    /** Takes the index in a file off the disk; nobody may have it open. */
    public static void delete(Path file) {
        IndexFile.delete(file);
    }

    /** The release that it is of; empty where it is of none yet. */
    public Optional<String> release() {
        return file.many().queryForList("select release from about", String.class).stream()
                .findFirst();
    }

    /**
     * Brings it to a release. Where it is of that release already, nothing is done.
     *
     * @param release what names the release, and no other of any site
     * @param changed ids of the items that have changed since the edition that it was brought to before
     */
    public synchronized void follow(String release, Edition live, Collection<String> changed) {
        if (!release().equals(Optional.of(release))) {
            file.write(() -> bring(release, live, changed));
        }
        indexed = live;
    }

    private void bring(String release, Edition live, Collection<String> changed) {
        spelling.begin();
        Edition before = indexed;
        if (before == null || Touched.isEverything(before, live, changed)) {
            List.of("page", "place", "word", "piece").forEach(t -> file.many().execute("delete from " + t));
            spelling.forget();
            put(live, live.all(Page.class).toList());
        } else {
            List<Page> again = new ArrayList<>();
            for (String id : Touched.by(before, live, changed)) {
                remove(id);
                live.page(id).ifPresent(again::add);
            }
            put(live, again);
        }
        spelling.write(file.many());
        file.many().execute("delete from about");
        file.many().update("insert into about (release) values (?)", release);
    }

    private void remove(String id) {
        JdbcTemplate many = file.many();
        many.query(
                        SAID,
                        (row, n) ->
                                new PageText(row.getString(1), row.getString(2), row.getString(3), row.getString(4)),
                        id)
                .forEach(text -> spelling.count(text, -1));
        many.update("delete from page where rowid in (select at from place where id = ?)", id);
        many.update("delete from place where id = ?", id);
    }

    private void put(Edition live, List<Page> pages) {
        List<Page> shown = pages.stream().filter(p -> side.holds(live, p)).toList();
        int last = file.many().queryForList(LATEST, Integer.class).stream()
                .findFirst()
                .orElse(0);
        for (int from = 0; from < shown.size(); from += BATCH) {
            List<Object[]> rows = new ArrayList<>();
            for (Page page : shown.subList(from, Math.min(from + BATCH, shown.size()))) {
                PageText text = side.text(live, page);
                spelling.count(text, 1);
                rows.add(new Object[] {++last, page.id(), text.title(), text.topics(), text.headings(), text.words()});
            }
            file.many().batchUpdate(PUT, rows);
            file.many()
                    .batchUpdate(
                            "insert into place (at, id) values (?, ?)",
                            rows.stream().map(r -> new Object[] {r[0], r[1]}).toList());
        }
    }

    @Override
    public List<String> find(Sought sought, int most) {
        return ids(said(sought, most));
    }

    List<Hit> said(Sought sought, int most) {
        return sought.isNothing() ? List.of() : file.read(sql -> hits(sql, FIND, sought.match(), most));
    }

    @Override
    public List<String> titled(Sought sought, int most) {
        return ids(calledSo(sought, most));
    }

    List<Hit> calledSo(Sought sought, int most) {
        return sought.isNothing()
                ? List.of()
                : file.read(sql -> hits(sql, TITLED, "{title topics} : (" + sought.match() + ")", most));
    }

    static List<String> ids(List<Hit> hits) {
        return hits.stream().map(Hit::id).toList();
    }

    private static List<Hit> hits(JdbcClient sql, String query, String match, int most) {
        return sql.sql(query)
                .param("match", match)
                .param("most", most)
                .query(Hit.class)
                .list();
    }

    @Override
    public Map<String, String> snippets(Sought sought, Collection<String> pages) {
        Map<String, String> all = new HashMap<>();
        if (!sought.isNothing()) {
            pages.forEach(id -> file.read(sql -> sql.sql(SNIPPET)
                            .param("match", sought.match())
                            .param("id", id)
                            .query(String.class)
                            .optional())
                    .ifPresent(said -> all.put(id, said)));
        }
        return all;
    }

    @Override
    public Optional<String> near(Sought sought) {
        String typed = String.join(" ", sought.phrases());
        String said = file.read(sql -> corrected(sql, typed.split(" ")));
        return said.isEmpty() || said.equals(typed)
                ? Optional.empty()
                : Optional.of(said).filter(s -> !find(Sought.of(s), 1).isEmpty());
    }

    private static String corrected(JdbcClient sql, String[] words) {
        int wrong = 0;
        List<String> said = new ArrayList<>();
        for (String word : words) {
            if (Spelling.isKnown(sql, word)) {
                said.add(word);
            } else if (wrong++ < MOST_WRONG) {
                Spelling.nearest(sql, word).ifPresent(said::add);
            }
        }
        return String.join(" ", said);
    }

    /** How many pages it knows. */
    int size() {
        return Objects.requireNonNull(file.many().queryForObject("select count(*) from place", Integer.class));
    }

    /** What it holds, by page and by word: for comparing. */
    String all() {
        return Stream.of(
                        "select id || ': ' || title || ' / ' || topics || ' / ' || headings || ' / ' || words from page order by id",
                        "select word || ' ' || pages from word order by word",
                        "select piece || ' ' || start from piece order by piece, start")
                .flatMap(q -> file.many().queryForList(q, String.class).stream())
                .collect(Collectors.joining("\n"));
    }

    @Override
    public void close() {
        file.close();
    }
}
