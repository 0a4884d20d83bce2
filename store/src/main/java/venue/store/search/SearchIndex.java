package venue.store.search;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import venue.core.edition.Edition;
import venue.core.edition.Touched;
import venue.core.gathering.PageText;
import venue.core.page.Page;
import venue.core.search.Searcher;
import venue.core.search.Sought;

/**
 * The words of one live release in an SQLite FTS5 table in memory: made when somebody first searches, then carried on by what each
 * release changes. Nothing of it is kept, so it can't disagree with the release.
 */
public final class SearchIndex implements Searcher, AutoCloseable {

    private static final String TABLE = """
            create virtual table page using fts5(id unindexed, title, topics, headings, words,
              tokenize = "unicode61 remove_diacritics 2", prefix = '2 3')
            """;
    private static final String TERMS = "create virtual table term using fts5vocab(page, 'row')";
    private static final String ROWS = "create table place (id text primary key, at integer not null) without rowid";
    private static final String FIND = """
            select id as page, snippet(page, 4, char(2), char(3), '…', 26) as snippet from page
            where page match :match order by bm25(page, 0, 10, 6, 4, 1), rowid limit :most
            """;
    private static final String TITLED =
            "select id from page where page match :match order by bm25(page, 0, 10, 3), rowid limit :most";
    private static final String PUT =
            "insert into page (rowid, id, title, topics, headings, words) values (?, ?, ?, ?, ?, ?)";
    /** Those that begin alike or end alike: what is off by a letter or two is among them. */
    private static final String ALIKE =
            "select term from term where length(term) between :least and :most order by doc desc limit 40000";

    private static final int BATCH = 500;
    private static final int SHORT = 4;

    private final SingleConnectionDataSource source = new SingleConnectionDataSource("jdbc:sqlite::memory:", true);
    private final JdbcTemplate many = new JdbcTemplate(source);
    private final JdbcClient sql = JdbcClient.create(many);
    private @Nullable Edition indexed;
    private int last;

    public SearchIndex() {
        many.execute(TABLE);
        many.execute(TERMS);
        many.execute(ROWS);
    }

    /**
     * Brings it to an edition.
     *
     * @param changed ids of the items that have changed since the edition that it was brought to before
     */
    public synchronized void follow(Edition live, Collection<String> changed) {
        Edition before = indexed;
        if (before == null || Touched.isEverything(before, live, changed)) {
            many.execute("delete from page");
            many.execute("delete from place");
            last = 0;
            put(live, live.all(Page.class).toList());
        } else {
            List<Page> again = new ArrayList<>();
            for (String id : Touched.by(before, live, changed)) {
                remove(id);
                live.page(id).ifPresent(again::add);
            }
            put(live, again);
        }
        indexed = live;
    }

    private void remove(String id) {
        sql.sql("delete from page where rowid in (select at from place where id = :id)")
                .param("id", id)
                .update();
        sql.sql("delete from place where id = :id").param("id", id).update();
    }

    private void put(Edition live, List<Page> pages) {
        List<Object[]> rows = new ArrayList<>();
        for (Page page : pages) {
            if (live.plan().isShown(page.id())) {
                PageText text = PageText.of(live, page);
                rows.add(new Object[] {++last, page.id(), text.title(), text.topics(), text.headings(), text.words()});
            }
        }
        many.execute("begin");
        for (int from = 0; from < rows.size(); from += BATCH) {
            List<Object[]> some = rows.subList(from, Math.min(from + BATCH, rows.size()));
            many.batchUpdate(PUT, some);
            many.batchUpdate(
                    "insert into place (at, id) values (?, ?)",
                    some.stream().map(r -> new Object[] {r[0], r[1]}).toList());
        }
        many.execute("commit");
    }

    @Override
    public synchronized List<Hit> find(Sought sought, int most) {
        return sought.isNothing()
                ? List.of()
                : sql.sql(FIND)
                        .param("match", sought.match())
                        .param("most", most)
                        .query(Hit.class)
                        .list();
    }

    @Override
    public synchronized List<String> titled(Sought sought, int most) {
        return sought.isNothing()
                ? List.of()
                : sql.sql(TITLED)
                        .param("match", "{title topics} : (" + sought.match() + ")")
                        .param("most", most)
                        .query(String.class)
                        .list();
    }

    @Override
    public synchronized Optional<String> near(Sought sought) {
        List<String> words = sought.phrases().stream()
                .flatMap(p -> List.of(p.split(" ")).stream())
                .map(this::nearest)
                .filter(Objects::nonNull)
                .toList();
        String said = String.join(" ", words);
        return said.isEmpty() || said.equals(String.join(" ", sought.phrases()))
                ? Optional.empty()
                : Optional.of(said).filter(s -> !find(Sought.of(s), 1).isEmpty());
    }

    /** The word of the site that is nearest to one, the one that most pages say; the word itself where they say it. */
    private @Nullable String nearest(String word) {
        int off = word.length() <= SHORT ? 1 : 2;
        List<String> terms = sql.sql(ALIKE)
                .param("least", word.length() - off)
                .param("most", word.length() + off)
                .query(String.class)
                .list();
        String best = null;
        int least = off + 1;
        for (String term : terms) {
            int distance = Distance.of(word, term, least);
            if (distance < least) {
                best = term;
                least = distance;
            }
        }
        return best;
    }

    /** How many pages it knows. */
    synchronized int size() {
        return sql.sql("select count(*) from place").query(Integer.class).single();
    }

    /** What it holds, by page: for comparing. */
    synchronized String all() {
        return sql
                .sql(
                        "select id || ': ' || title || ' / ' || topics || ' / ' || headings || ' / ' || words from page order by id")
                .query(String.class)
                .list()
                .stream()
                .collect(Collectors.joining("\n"));
    }

    @Override
    public synchronized void close() {
        source.destroy();
    }
}
