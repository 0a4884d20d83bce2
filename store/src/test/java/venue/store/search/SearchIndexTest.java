package venue.store.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.body.search.Busy;
import venue.core.body.search.Searcher;
import venue.core.body.search.Sought;
import venue.core.carry.beginning.ReadySite;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/** The full-text index: what it finds, in what order, and that what is carried on is what would be made anew. */
class SearchIndexTest {

    private static Page page(String id, @Nullable String parent, long position, String title, String html) {
        Section said = section(id + "-s1", "Text", heading("About " + title), text(html));
        return Page.of(id, title, id, "standard")
                .withPlace(parent, position << 20)
                .withZones(new Zones(Map.of("main", List.of(said))));
    }

    private static Edition site(Page... pages) {
        List<Item> items = new ArrayList<>(List.of(pages));
        items.addAll(ReadySite.items("Loomgate Yard", "loomgate.localhost", "home"));
        return Edition.of(items);
    }

    private static Edition yard() {
        return site(
                page("home", null, 1, "Loomgate Yard", "<p>Come in. The <b>Žurek</b> comet is over the roof.</p>"),
                page("comet", null, 2, "Comets", "<p>Visitors with tails, seen from the yard.</p>"),
                page("roof", null, 3, "The roof", "<p>It rolls off when the night is clear, and rolls on again.</p>"),
                page("gone", null, 4, "Comets of old", "<p>A comet that is taken off</p>")
                        .withWithdrawn(true));
    }

    private static List<String> found(Searcher index, String typed) {
        return index.find(Sought.of(typed), 20);
    }

    @TempDir
    Path folder;

    private final List<SearchIndex> opened = new ArrayList<>();

    private SearchIndex indexed(Edition site) {
        SearchIndex index = open(opened.size());
        index.follow("first", site, List.of());
        return index;
    }

    private SearchIndex open(int number) {
        SearchIndex index = SearchIndex.open(folder.resolve(number + ".index"), SearchIndex.Side.OPEN);
        opened.add(index);
        return index;
    }

    @AfterEach
    void close() {
        opened.forEach(SearchIndex::close);
    }

    private static String snippet(Searcher index, String typed, String page) {
        return index.snippets(Sought.of(typed), List.of(page)).getOrDefault(page, "");
    }

    /** What is closed is in an index of its own: nothing of it is in what strangers are answered from. */
    @Test
    void whatIsClosedIsFoundInItsOwnIndexAlone() {
        Section kept = section("comet-s2", "Kept", text("<p>The spare eyepiece</p>"));
        Page comet = page("comet", null, 2, "Comets", "<p>Visitors with tails</p>");
        Page half = comet.withZones(new Zones(Map.of(
                "main",
                List.of(comet.zones().all().findFirst().orElseThrow(), kept.with("shownTo", Value.of("members"))))));
        Page rota = page("rota", null, 3, "Rota", "<p>Who opens the tower, with tails of rope</p>")
                .withSettings(Map.of("gate", Value.of("members")));
        Edition site = site(page("home", null, 1, "Yard", "<p>Come in</p>"), half, rota);
        SearchIndex open = indexed(site);
        SearchIndex closed = SearchIndex.open(folder.resolve("yard.closed"), SearchIndex.Side.CLOSED);
        opened.add(closed);
        closed.follow("first", site, List.of());
        assertThat(open.all()).doesNotContain("eyepiece", "tower", "Rota").contains("tails");
        assertThat(closed.all()).contains("tower").doesNotContain("Comets");
        OpenAndClosed both = new OpenAndClosed(open, closed);
        assertThat(found(open, "tails")).containsExactly("comet");
        assertThat(found(both, "tails")).containsExactlyInAnyOrder("comet", "rota");
        assertThat(both.titled(Sought.of("rot"), 5)).containsExactly("rota");
        assertThat(both.snippets(Sought.of("tower"), List.of("rota", "comet"))).containsOnlyKeys("rota");
        assertThat(open.near(Sought.of("towre")))
                .as("no word is told of what is closed")
                .isEmpty();

        Edition unclosed = site.with(List.of(rota.withSettings(Map.of())), List.of());
        open.follow("second", unclosed, List.of("rota"));
        closed.follow("second", unclosed, List.of("rota"));
        assertThat(found(open, "tower")).containsExactly("rota");
        assertThat(closed.size()).isZero();
    }

    @Test
    void titlesComeBeforeWordsAndWhatVisitorsDontHaveIsNotThere() {
        SearchIndex index = indexed(yard());
        assertThat(found(index, "comet")).containsExactly("comet", "home");
        assertThat(found(index, "zurek")).as("accents don’t matter").containsExactly("home");
        assertThat(found(index, "\"rolls off\"")).containsExactly("roof");
        assertThat(found(index, "\"off rolls\"")).isEmpty();
        assertThat(found(index, "night clear")).as("all words, in any order").containsExactly("roof");
        assertThat(found(index, "vis")).as("what is begun").containsExactly("comet");
        assertThat(snippet(index, "tails", "comet"))
                .contains(Searcher.FROM + "tails" + Searcher.TO)
                .doesNotContain("<");
    }

    @ParameterizedTest
    @CsvSource({"comett, comet", "rof, roof", "cometts, comets", "visotirs, visitors", "qqqqqq,", "comet,"})
    void wordsThatAreAllButThoseOfTheSiteAreOffered(String typed, String meant) {
        assertThat(indexed(yard()).near(Sought.of(typed)).orElse(null)).isEqualTo(meant);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\"",
                "a OR b",
                "title:roof",
                "NEAR(",
                "*",
                "^roof",
                "-roof",
                "'; drop table page",
                "{title}: roof",
                "ﬀ “„",
                "\u0000",
                "😀"
            })
    void nothingThatIsTypedIsTakenForSyntax(String typed) {
        SearchIndex index = indexed(yard());
        index.find(Sought.of(typed), 5);
        index.near(Sought.of(typed));
        assertThat(found(index, "comet")).hasSize(2);
    }

    private static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsCarriedOnIsWhatWouldBeMadeAnew(long seed) {
        Random chance = new Random(seed);
        Edition site = yard();
        SearchIndex carried = indexed(site);
        for (int release = 0; release < 6; release++) {
            Edition next = changed(site, chance);
            carried.follow("release " + release, next, differing(site, next));
            site = next;
        }
        SearchIndex anew = indexed(site);
        assertThat(carried.all()).isEqualTo(anew.all());
        assertThat(carried.size()).isEqualTo((int)
                site.all(Page.class).map(Item::id).filter(site.plan()::isShown).count());
    }

    @Test
    void anIndexThatIsOfTheReleaseIsTakenAsItIsAndAnyOtherIsMadeAnew() throws IOException {
        String before = indexed(yard()).all();
        SearchIndex again = open(0);
        Edition other = site(page("home", null, 1, "Elsewhere", "<p>Nothing of that</p>"));
        again.follow("first", other, List.of());
        assertThat(again.all()).as("it names this release").isEqualTo(before);
        opened.forEach(SearchIndex::close);
        SearchIndex late = open(0);
        late.follow("ninth", other, List.of());
        assertThat(found(late, "comet")).isEmpty();
        assertThat(found(late, "elsewhere")).containsExactly("home");
        opened.forEach(SearchIndex::close);
        Files.writeString(folder.resolve("0.index"), "no index any more ".repeat(1_000));
        SearchIndex mended = open(0);
        mended.follow("ninth", yard(), List.of());
        assertThat(found(mended, "comet")).containsExactly("comet", "home");
    }

    /** Many words: what is unknown is looked up among its neighbours, and never sought among all of them. */
    @Test
    void nearMissesAmongManyWords() {
        Random chance = new Random(7);
        Set<String> words = new TreeSet<>();
        while (words.size() < 20_000) {
            words.add(chance.ints(4 + chance.nextInt(8), 'a', 'z' + 1)
                    .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                    .toString());
        }
        SearchIndex index = indexed(site(page("home", null, 1, "Words", "<p>" + String.join(" ", words) + "</p>")));
        List<String> all = List.copyOf(words);
        for (int i = 0; i < 200; i++) {
            String typed = mistyped(all.get(chance.nextInt(all.size())), chance);
            int least =
                    words.stream().mapToInt(w -> Distance.of(typed, w, 3)).min().orElse(3);
            int off = typed.length() <= 4 ? 1 : 2;
            Optional<String> near = index.near(Sought.of("\"" + typed + "\""));
            assertThat(near.map(n -> Distance.of(typed, n, 3)))
                    .as(typed)
                    .isEqualTo(least == 0 || least > off ? Optional.empty() : Optional.of(least));
        }
    }

    private static String mistyped(String word, Random chance) {
        StringBuilder typed = new StringBuilder(word);
        for (int n = 0; n <= chance.nextInt(2); n++) {
            int at = chance.nextInt(typed.length() - 1);
            switch (chance.nextInt(4)) {
                case 0 -> typed.deleteCharAt(at);
                case 1 -> typed.insert(at, (char) ('a' + chance.nextInt(26)));
                case 2 -> typed.setCharAt(at, (char) ('a' + chance.nextInt(26)));
                default -> typed.insert(at, typed.charAt(at + 1)).deleteCharAt(at + 2);
            }
        }
        return typed.toString();
    }

    /** Reads until it may leave; on a busy machine it takes more than a second to open a connection. */
    private static void holds(IndexFile file, CountDownLatch begun, CountDownLatch leave) {
        try {
            file.read(sql -> sql.sql("select 1")
                    .query((row, i) -> {
                        begun.countDown();
                        try {
                            return leave.await(1, TimeUnit.MINUTES);
                        } catch (InterruptedException e) {
                            throw new IllegalStateException(e);
                        }
                    })
                    .single());
        } catch (Busy slow) {
            holds(file, begun, leave);
        }
    }

    @Test
    void aFewSearchAtOnceAndTheOthersAreToldToComeAgain() throws InterruptedException {
        IndexFile file = IndexFile.open(folder.resolve("busy.index"), List.of(), "select 1");
        CountDownLatch begun = new CountDownLatch(IndexFile.READERS);
        CountDownLatch leave = new CountDownLatch(1);
        List<Thread> readers = IntStream.range(0, IndexFile.READERS)
                .mapToObj(n -> new Thread(() -> holds(file, begun, leave)))
                .toList();
        readers.forEach(Thread::start);
        begun.await();
        assertThatThrownBy(() -> file.read(
                        sql -> sql.sql("select 1").query(Integer.class).single()))
                .isInstanceOf(Busy.class);
        leave.countDown();
        for (Thread reader : readers) {
            reader.join();
        }
        assertThat(file.<Integer>read(
                        sql -> sql.sql("select 1").query(Integer.class).single()))
                .isEqualTo(1);
        file.close();
    }

    /** Some pages written anew, made, moved beneath another, taken off or put back, or removed. */
    private static Edition changed(Edition site, Random chance) {
        List<Page> put = new ArrayList<>();
        for (int i = 0; i <= chance.nextInt(3); i++) {
            int number = chance.nextInt(6);
            String id = "p" + number;
            String parent = chance.nextBoolean() || number == 0 ? null : "p" + chance.nextInt(number);
            Page page = page(id, parent, 5, "Page " + chance.nextInt(9), "<p>Word " + chance.nextInt(9) + "</p>");
            put.add(page.withWithdrawn(chance.nextInt(4) == 0));
        }
        return site.with(put, chance.nextInt(3) == 0 ? List.of("p" + chance.nextInt(6)) : List.of());
    }

    private static Set<String> differing(Edition before, Edition after) {
        Set<String> ids = new HashSet<>();
        before.items().forEach(i -> ids.add(i.id()));
        after.items().forEach(i -> ids.add(i.id()));
        ids.removeIf(id -> before.find(id).equals(after.find(id)));
        return ids;
    }

    @Test
    void whatIsTypedSoFarBringsTitlesThatBeginSo() {
        SearchIndex index = indexed(yard());
        assertThat(index.titled(Sought.of("com"), 5)).containsExactly("comet");
        assertThat(index.titled(Sought.of("the ro"), 5)).containsExactly("roof");
        assertThat(index.titled(Sought.of("tails"), 5))
                .as("words are no titles")
                .isEmpty();
        for (String odd : List.of("", "\"", "title : x", "* OR {", "a) OR (b")) {
            assertThat(index.titled(Sought.of(odd), 5)).as(odd).isEmpty();
        }
    }
}
