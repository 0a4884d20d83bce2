package venue.store.search;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import venue.core.basics.text.Letters;
import venue.core.show.gathering.PageText;

/**
 * The words that the pages of an index say, and which of them is nearest to one that none says. Two words that differ by two letters have
 * a piece in common: each without one or two of its letters. What words begin with is kept with all its pieces, so that what is near is
 * looked up, and never sought among all words.
 */
final class Spelling {

    static final List<String> TABLES = List.of(
            "create table if not exists word (word text primary key, start text not null, pages integer not null) without rowid",
            "create index if not exists word_start on word (start)",
            "create table if not exists piece (piece text not null, start text not null, primary key (piece, start))"
                    + " without rowid");

    private static final String COUNT = """
            insert into word (word, start, pages) values (?, ?, ?)
            on conflict (word) do update set pages = pages + excluded.pages
            """;
    private static final String NEAR = """
            select word, pages from word where start in
              (select distinct start from piece where piece in (:pieces) order by start limit :starts)
            order by word limit :words
            """;

    /** Of a word, in letters: what its pieces are made of. */
    private static final int START = 6;

    private static final int SHORTEST = 2;
    private static final int LONGEST = 24;
    /** In letters; such a word may be off by one, a longer one by two. */
    private static final int SHORT = 4;
    /** What pieces are kept of: a site of more different words than any language has knows no near ones among the rest. */
    private static final int MOST_STARTS = 200_000;

    /** So many are looked up at once rather than one by one. */
    private static final int MANY = 1_000;

    private static final int MOST_WORDS = 2_500;
    private static final int MOST_FOUND = 1_500;
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+");

    private record Known(String word, int pages) {}

    /** How many pages more, or fewer, say each word. */
    private final Map<String, Integer> news = new HashMap<>();

    private static final long COUNT_ANEW = -1;

    /** How many starts the words had that were written last. */
    private long startsWritten = COUNT_ANEW;

    /** Begins to count anew: what was counted for something that could not be written is forgotten. */
    void begin() {
        news.clear();
    }

    /** The words that were written before are gone. */
    void forget() {
        startsWritten = COUNT_ANEW;
    }

    /** Takes a page's words in, or out. */
    void count(PageText text, int times) {
        String all = String.join(" ", text.title(), text.topics(), text.headings(), text.words());
        Set<String> words = new TreeSet<>();
        Matcher word = WORD.matcher(Letters.folded(all));
        while (word.find()) {
            if (word.end() - word.start() >= SHORTEST && word.end() - word.start() <= LONGEST) {
                words.add(word.group());
            }
        }
        words.forEach(w -> news.merge(w, times, Integer::sum));
    }

    /** Writes down what has been counted. */
    void write(JdbcTemplate many) {
        List<String> changed = news.entrySet().stream()
                .filter(e -> e.getValue() != 0)
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
        Set<String> starts = new TreeSet<>(changed.stream().map(Spelling::start).toList());
        Set<String> before = known(many, starts);
        many.batchUpdate(COUNT, rows(changed, w -> new Object[] {w, start(w), news.get(w)}));
        many.batchUpdate("delete from word where word = ? and pages <= 0", rows(changed, w -> new Object[] {w}));
        Set<String> after = known(many, starts);
        many.batchUpdate("delete from piece where piece = ? and start = ?", pieces(less(before, after)));
        List<String> more = less(after, before);
        long all = startsNow(many, after.size() - before.size());
        int room = (int) Math.min(more.size(), Math.max(0, MOST_STARTS + more.size() - all));
        many.batchUpdate("insert into piece (piece, start) values (?, ?)", pieces(more.subList(0, room)));
        startsWritten = all;
    }

    /** How many starts there are now: counted once, for that reads a site's whole vocabulary, and carried on. */
    private long startsNow(JdbcTemplate many, int change) {
        long counted = startsWritten;
        startsWritten = COUNT_ANEW;
        if (counted != COUNT_ANEW) {
            return counted + change;
        }
        Long anew = many.queryForObject("select count(distinct start) from word", Long.class);
        return anew == null ? 0 : anew;
    }

    private static List<Object[]> rows(Collection<String> words, Function<String, Object[]> row) {
        return words.stream().map(row).toList();
    }

    private static List<String> less(Set<String> some, Set<String> others) {
        return some.stream().filter(s -> !others.contains(s)).toList();
    }

    private static List<Object[]> pieces(List<String> starts) {
        return starts.stream()
                .flatMap(s -> pieces(s).stream().map(p -> new Object[] {p, s}))
                .toList();
    }

    /** Which of these starts some known word begins with. */
    private static Set<String> known(JdbcTemplate many, Set<String> starts) {
        if (starts.size() > MANY) {
            Set<String> all = new TreeSet<>(many.queryForList("select distinct start from word", String.class));
            all.retainAll(starts);
            return all;
        }
        String asked = "select exists (select 1 from word where start = ?)";
        return new TreeSet<>(starts.stream()
                .filter(s -> Boolean.TRUE.equals(many.queryForObject(asked, Boolean.class, s)))
                .toList());
    }

    /** The word that is nearest to one that no page says; of those the one that most pages say. */
    static Optional<String> nearest(JdbcClient sql, String word) {
        if (word.length() < SHORTEST || word.length() > LONGEST + 2) {
            return Optional.empty();
        }
        int off = word.length() <= SHORT ? 1 : 2;
        List<Known> like = sql.sql(NEAR)
                .param("pieces", pieces(start(word)))
                .param("starts", MOST_FOUND)
                .param("words", MOST_WORDS)
                .query(Known.class)
                .list();
        Map<String, Integer> distances = new HashMap<>();
        like.forEach(k -> distances.put(k.word(), Distance.of(word, k.word(), off + 1)));
        return like.stream()
                .filter(k -> distances.getOrDefault(k.word(), off + 1) <= off)
                .min(Comparator.<Known>comparingInt(k -> distances.getOrDefault(k.word(), off + 1))
                        .thenComparing(k -> -k.pages())
                        .thenComparing(Known::word))
                .map(Known::word);
    }

    static boolean isKnown(JdbcClient sql, String word) {
        return sql.sql("select exists (select 1 from word where word = :word)")
                .param("word", word)
                .query(Boolean.class)
                .single();
    }

    private static String start(String word) {
        return word.substring(0, Math.min(START, word.length()));
    }

    /** A start, and what it is without one of its letters, or two. */
    static Set<String> pieces(String start) {
        Set<String> all = new LinkedHashSet<>(Set.of(start));
        for (String one : without(start)) {
            all.add(one);
            all.addAll(without(one));
        }
        all.remove("");
        return all;
    }

    private static List<String> without(String letters) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < letters.length(); i++) {
            all.add(letters.substring(0, i) + letters.substring(i + 1));
        }
        return all;
    }
}
