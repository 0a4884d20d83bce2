package venue.store.search;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.compose.Compose.heading;
import static venue.core.compose.Compose.section;
import static venue.core.compose.Compose.text;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.beginning.ReadySite;
import venue.core.edition.Edition;
import venue.core.item.Item;
import venue.core.page.Page;
import venue.core.search.Searcher;
import venue.core.search.Searcher.Hit;
import venue.core.search.Sought;
import venue.core.section.Section;
import venue.core.section.Zones;

/** The full-text index: what it finds, in what order, and that what is carried on is what would be made anew. */
class SearchIndexTest {

    private static Page page(String id, @Nullable String parent, long position, String title, String html) {
        Section said = section(id + "-s1", "Text", heading("About " + title), text(html));
        return new Page(
                id,
                title,
                id,
                parent,
                position << 20,
                "standard",
                null,
                new Zones(Map.of("main", List.of(said))),
                List.of(),
                Map.of(),
                Map.of(),
                false);
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
        return index.find(Sought.of(typed), 20).stream().map(Hit::page).toList();
    }

    private static SearchIndex indexed(Edition site) {
        SearchIndex index = new SearchIndex();
        index.follow(site, List.of());
        return index;
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
        Hit hit = index.find(Sought.of("tails"), 1).get(0);
        assertThat(hit.snippet())
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
            carried.follow(next, differing(site, next));
            site = next;
        }
        SearchIndex anew = indexed(site);
        assertThat(carried.all()).isEqualTo(anew.all());
        assertThat(carried.size()).isEqualTo((int)
                site.all(Page.class).map(Item::id).filter(site.plan()::isShown).count());
        carried.close();
        anew.close();
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
