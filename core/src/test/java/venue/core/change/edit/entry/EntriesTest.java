package venue.core.change.edit.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.of;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.jsoup.Jsoup;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.carry.table.EntryTable;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.kind.ReadyKinds;
import venue.core.model.page.Page;
import venue.core.model.property.PropertyType;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** Partners of the courtyard: entries without pages. */
class EntriesTest {

    private final Edition site = begin();

    private static Edition begin() {
        Edition made = Sites.after(Sites.small(), KindCommand.makeKind("partner", "Partner", null));
        Edition without = Sites.after(made, ValueCommand.setValue("partner", null, null, "pageless", Value.of(true)));
        return Sites.after(
                without,
                KindCommand.setFields(
                        "partner",
                        List.of(
                                of("since", "Since", PropertyType.NUMBER).listed(),
                                of("open", "Open", PropertyType.YES_NO),
                                choice("sort", "Sort", "wool=Wool", "dye=Dye works"),
                                of("note", "Note", PropertyType.LINES),
                                of("seen", "Seen at", PropertyType.PAGE))));
    }

    private static PutEntries put(String id, String name, Map<String, Value> fields) {
        return new PutEntries("partner", List.of(new PutEntries.Put(id, name, fields, List.of())));
    }

    private Kind kind() {
        return site.require(Kind.class, "partner");
    }

    /** Any moves, one after another, against a plain list: also where there is no room left between two. */
    @Property(tries = 60)
    void entriesStandWhereTheyAreMoved(@ForAll long seed) {
        Random chance = new Random(seed);
        Edition now = site;
        List<String> expected = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            now = Sites.after(now, put("e" + i, "E" + i, Map.of()));
            expected.add("e" + i);
        }
        for (int move = 0; move < 60; move++) {
            String moving = expected.remove(chance.nextInt(expected.size()));
            int at = chance.nextInt(4) == 0 ? expected.size() : 1;
            now = Sites.after(now, new MoveEntry(moving, at < expected.size() ? expected.get(at) : null));
            expected.add(at, moving);
            assertThat(now.entries("partner")).extracting(Entry::id).isEqualTo(expected);
        }
    }

    @Example
    void noneAreMadeOfARetiredKindAndThoseThereAreCanBeChanged() {
        Edition with = Sites.after(site, put("a", "Alder Dyes", Map.of()));
        Edition retired = Sites.after(with, KindCommand.retireKind("partner", true));
        assertThatThrownBy(() -> Sites.after(retired, put("b", "Birch Looms", Map.of())))
                .hasMessageContaining("Partner is retired");
        assertThat(Sites.after(retired, put("a", "Alder", Map.of())).entries("partner"))
                .extracting(Entry::name)
                .containsExactly("Alder");
        assertThatThrownBy(() -> Sites.after(with, new MoveEntry("a", "gone"))).isInstanceOf(Refusal.class);
    }

    @Example
    void aReadyKindBringsItsColumnsAndIsThenLikeAnyOther() {
        for (Kind ready : ReadyKinds.all()) {
            Edition made = Sites.after(site, KindCommand.makeKind("mine", "Mine", ready.id()));
            Kind mine = made.require(Kind.class, "mine");
            assertThat(mine.isPageless()).isTrue();
            assertThat(mine.fields()).isEqualTo(ready.fields()).allMatch(f -> f.shown());
            assertThat(EntryTable.csv(made, mine))
                    .startsWith("Name," + ready.fields().get(0).label());
            Edition own = Sites.after(site, KindCommand.makeKind(ready.id(), "Own", "partner"));
            assertThat(Sites.after(own, KindCommand.makeKind("like", "Like", ready.id()))
                            .require(Kind.class, "like")
                            .fields())
                    .as("one of the site goes before")
                    .isEqualTo(kind().fields());
        }
        assertThatThrownBy(() -> Sites.after(site, KindCommand.makeKind("mine", "Mine", "nothing")))
                .isInstanceOf(Refusal.class);
    }

    @Example
    void listingsNameThemAsTheyNamePages() {
        Edition with =
                Sites.after(Sites.after(site, put("a", "Alder Dyes", Map.of())), put("b", "Birch Looms", Map.of()));
        Map<String, Value> chosen =
                Map.of("source", Value.of("chosen"), "kind", Value.of("partner"), "chosen", named("b", "weaving", "a"));
        assertThat(titles(with, chosen)).containsExactly("Birch Looms", "Weaving", "Alder Dyes");
        Map<String, Value> first = Map.of("kind", Value.of("partner"), "first", named("b"));
        assertThat(titles(with, first)).containsExactly("Birch Looms", "Alder Dyes");
        Map<String, Value> except = Map.of("kind", Value.of("partner"), "except", named("b"));
        assertThat(titles(with, except)).containsExactly("Alder Dyes");
        Edition gone = Sites.after(listed(with, chosen), new RemoveEntries(List.of("b")));
        assertThat(titles(gone)).containsExactly("Weaving", "Alder Dyes");
        assertThatThrownBy(() -> listed(with, Map.of("except", named("nobody"))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("nobody");
    }

    private static Value named(String... ids) {
        return new Value.Many(Stream.of(ids)
                .map(id -> Map.<String, Value>of("page", Value.of(id)))
                .toList());
    }

    private static Edition listed(Edition edition, Map<String, Value> settings) {
        return Sites.after(
                edition, SectionCommand.placeElement("home", "home-s1", "c1", 0, "list", "listing", settings));
    }

    private static List<String> titles(Edition edition, Map<String, Value> settings) {
        return titles(listed(edition, settings));
    }

    private static List<String> titles(Edition edition) {
        View view = View.of(edition, Instant.EPOCH, "https://x.example", View.Mode.VISITOR);
        return Jsoup.parse(PageRenderer.render(view, edition.require(Page.class, "home"))
                        .html())
                .select("[id=main] h2.h.z-medium")
                .eachText();
    }

    @Example
    void entriesShowInListingsWithoutALinkAndHaveNoAddress() {
        Edition with = Sites.after(site, put("a", "Alder Dyes", Map.of("since", Value.of(1987))));
        Edition listed = listed(with, Map.of("kind", Value.of("partner")));
        String html = PageRenderer.render(
                        View.of(listed, Instant.EPOCH, "https://x.example", View.Mode.VISITOR),
                        listed.require(Page.class, "home"))
                .html();
        assertThat(html).contains("<h2 class=\"h z-medium\">Alder Dyes</h2>", "1987");
        assertThat(listed.plan().inOrder()).doesNotContain("a");
        assertThatThrownBy(() -> Sites.after(
                        with, NewPages.one("partner", "p", "P").evenSo(true).made()))
                .hasMessageContaining("shown by listings");
        assertThatThrownBy(() -> Sites.after(with, ValueCommand.setValue("partner", null, null, "pageless", null)))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("kind-in-use"));
        assertThatThrownBy(() ->
                        Sites.after(with, ValueCommand.setValue("standard", null, null, "pageless", Value.of(true))))
                .isInstanceOf(Refusal.class);
    }

    @Example
    void whatIsNotNamedStaysAndWhatIsResetFollowsTheKind() {
        Edition with = Sites.after(site, put("a", "Alder", Map.of("since", Value.of(1987), "sort", Value.of("dye"))));
        Edition changed = Sites.after(
                with,
                new PutEntries(
                        "partner",
                        List.of(new PutEntries.Put(
                                "a", "Alder Dyes", Map.of("open", Value.of(true)), List.of("sort")))));
        Entry entry = changed.require(Entry.class, "a");
        assertThat(entry.name()).isEqualTo("Alder Dyes");
        assertThat(entry.fields()).containsOnlyKeys("since", "open");
        assertThat(Sites.after(changed, new RemoveEntries(List.of("a"))).entries("partner"))
                .isEmpty();
        assertThatThrownBy(() -> Sites.after(with, put("home", "Home", Map.of())))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("id-taken"));
        assertThatThrownBy(() -> Sites.after(with, put("b", "B", Map.of("nothing", Value.of("x")))))
                .hasMessageContaining("no property");
    }

    /** What is written as CSV reads as what it was, whatever is in it. */
    @Property(tries = 150)
    void csvThereAndBackIsTheSame(@ForAll @Size(min = 1, max = 12) List<String> words, @ForAll int since) {
        List<PutEntries.Put> all = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            Map<String, Value> fields = Map.of(
                    "note", Value.of("n" + words.get(i)),
                    "since", Value.of(since),
                    "open", Value.of(i % 2 == 0),
                    "sort", Value.of(i % 3 == 0 ? "wool" : "dye"),
                    "seen", Value.of("weaving"));
            all.add(new PutEntries.Put("e" + i, "E " + i, fields, List.of()));
        }
        Edition with = Sites.after(site, new PutEntries("partner", all));
        List<List<String>> cells = EntryTable.cells(EntryTable.csv(with, kind()));
        List<EntryTable.Read> read =
                EntryTable.read(with, kind(), cells, List.of("name", "since", "open", "sort", "note", "seen"));
        assertThat(read).allMatch(r -> r.troubles().isEmpty(), "no troubles");
        for (int i = 0; i < read.size(); i++) {
            Entry was = with.entries("partner").get(i);
            assertThat(read.get(i).name()).isEqualTo(was.name());
            assertThat(trimmed(read.get(i).fields())).isEqualTo(trimmed(was.fields()));
        }
    }

    /** Spaces around words, and how lines end, are not what is kept of a table. */
    private static Map<String, Value> trimmed(Map<String, Value> fields) {
        Map<String, Value> plain = new java.util.TreeMap<>(fields);
        plain.computeIfPresent(
                "note",
                (k, v) ->
                        Value.of(((Value.Text) v).text().replaceAll("\\R", "\n").strip()));
        return plain;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "since|a while|Since: “a while” is not a number",
                "open|perhaps|Open: “perhaps” is not yes or no",
                "sort|Silk|one of Wool, Dye works",
                "seen|Nowhere|the title or address of a page",
                "name|''|It has no name"
            })
    void eachRowThatDoesNotFitSaysWhy(String column, String words, String why) {
        List<List<String>> cells = List.of(List.of("Name", "X"), List.of("Ann", words), List.of("Bo", ""));
        List<String> columns = column.equals("name") ? List.of("", "name") : List.of("name", column);
        List<EntryTable.Read> read = EntryTable.read(site, kind(), cells, columns);
        assertThat(read.get(0).troubles()).singleElement().asString().contains(why);
        if (!column.equals("name")) {
            assertThat(read.get(1).troubles()).isEmpty();
            assertThat(read.get(1).fields()).isEmpty();
        }
    }

    @Example
    void whatASpreadsheetPutsOnTheClipboardIsReadToo() {
        assertThat(EntryTable.cells("Name\tSince\nAnn, of Alder\t1987\n"))
                .containsExactly(List.of("Name", "Since"), List.of("Ann, of Alder", "1987"));
        assertThat(EntryTable.cells("\uFEFFName;Since\r\nAnn;1987").get(0)).containsExactly("Name", "Since");
        for (String bad : List.of("", "Name", "a,\"b\n\"\"", "x".repeat(5_000_001))) {
            assertThatThrownBy(() -> EntryTable.cells(bad)).isInstanceOf(Refusal.class);
        }
    }
}
