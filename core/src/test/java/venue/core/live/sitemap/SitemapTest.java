package venue.core.live.sitemap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.show.render.View;

class SitemapTest {

    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");

    @Test
    void homeStandsOnceAsSlashAndWhatIsKeptOutIsLeftOut() {
        Edition site =
                Sites.after(Sites.small(), ValueCommand.setValue("weaving", null, null, "keepOut", Value.of(true)));
        assertThat(entries(site))
                .extracting(Sitemap.Address::address)
                .containsExactly("http://y/", "http://y/workshops");
    }

    @Test
    void filesAreSplitByAddressesAndByBytesAndNamedByAnIndex() throws IOException {
        List<Sitemap.Address> many =
                Stream.generate(() -> entries(Sites.small()).get(0)).limit(25).toList();
        assertThat(files(many, 10, 1_000_000)).hasSize(3);
        int two = files(many.subList(0, 2), 100, 1_000_000).get(0).length();
        assertThat(files(many, 100, two)).hasSize(13).allMatch(f -> f.length() <= two);
    }

    /** The laws: each address is once in a file that is named; a page that changes, changes one file, and not the index. */
    @Property(tries = 20)
    void whatIsCutIsWholeAndAPageThatChangesChangesOneFile(
            @ForAll @IntRange(max = 1_300) int pages, @ForAll @IntRange(min = 90, max = 900) int most) {
        Edition site = Sites.small().with(many(pages), List.of());
        Map<String, String> told = told(site, NOW, most);
        assertThat(told.values().stream().flatMap(f -> loc(f, "<url><loc>")))
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(
                        entries(site).stream().map(Sitemap.Address::address).toList());
        assertThat(told.size() == 1).isEqualTo(pages + 3 <= Math.min(SitemapCut.MOST_PAGES, most));
        Map<String, String> later = told(site, NOW.plusSeconds(1), most);
        assertThat(later.keySet().stream().filter(f -> !later.get(f).equals(told.get(f))))
                .hasSize(1)
                .allMatch(f -> told.size() == 1 || !f.equals("/sitemap.xml"));
    }

    @Test
    void changedIsWhenThePageItselfChangedAndWhatRobotsMayNotFetchIsLeftOut() throws IOException {
        assertThat(files(entries(Sites.small()), 10, 10_000).get(0))
                .contains("<lastmod>2026-11-23T12:00:00Z</lastmod>");
        Value rule = Value.fromJson(List.of(Map.of("path", "/workshops/")));
        Edition site = Sites.after(Sites.small(), ValueCommand.setValue("site", null, null, "robots", rule));
        assertThat(entries(site))
                .extracting(Sitemap.Address::address)
                .containsExactly("http://y/", "http://y/workshops");
    }

    /** The law: what is told before a release is what it does; and what a crawler may index is what the sitemap holds. */
    @Property(tries = 60)
    void whatIsToldOfTheSitemapIsWhatAReleaseDoes(@ForAll long seed) {
        Mischief mischief = new Mischief(seed);
        Edition live = mischief.upon(Sites.small(), 8);
        Edition target = robots(mischief.upon(live, 6), seed);
        Set<String> changed = Stream.concat(live.items().stream(), target.items().stream())
                .map(Item::id)
                .filter(id -> !Objects.equals(live.find(id), target.find(id)))
                .collect(Collectors.toSet());
        SitemapLines told = SitemapLines.between(live, target, changed, NOW);
        Set<String> now = paths(live);
        Set<String> then = paths(target);
        assertThat(told.now()).isEqualTo(now.size());
        assertThat(told.then()).isEqualTo(then.size());
        assertThat(told.comes())
                .allSatisfy(a -> assertThat(now).doesNotContain(a))
                .isSubsetOf(then);
        assertThat(told.goes())
                .extracting(SitemapLines.Gone::address)
                .allSatisfy(a -> assertThat(then).doesNotContain(a))
                .isSubsetOf(now);
        assertThat(now.size() + told.comes().size() - told.goes().size()).isEqualTo(then.size());
        Set<String> mayBeIndexed = target.plan()
                .inOrder()
                .map(id -> target.page(id).orElseThrow())
                .filter(p -> !p.isKeptOut() && target.plan().isShown(p.id()))
                .map(target::servedAt)
                .filter(a -> Addresses.of(target, Visitor.STRANGER).at(a) instanceof AtAddress.Here)
                .filter(a -> RobotsFile.of(target).may("*", a).fetch())
                .map(View::encoded)
                .collect(Collectors.toSet());
        assertThat(then).isEqualTo(mayBeIndexed);
    }

    private static Edition robots(Edition site, long seed) {
        List<String> beginnings = List.of("/workshops/", "/w*s$", "/läden", "/");
        Value rules = Value.fromJson(List.of(
                Map.of("path", beginnings.get((int) Math.floorMod(seed, 4L))), Map.of("path", "/", "way", "allow")));
        return seed % 3 == 0 ? site : Sites.after(site, ValueCommand.setValue("site", null, null, "robots", rules));
    }

    private static Set<String> paths(Edition site) {
        View view = View.of(site, NOW, "", View.Mode.VISITOR).seenBy(Visitor.STRANGER);
        return Sitemap.addresses(view, Map.of()).map(Sitemap.Address::address).collect(Collectors.toSet());
    }

    private static List<String> files(List<Sitemap.Address> addresses, int mostAddresses, int mostBytes)
            throws IOException {
        List<ByteArrayOutputStream> files = new ArrayList<>();
        SitemapWriter.write(
                addresses.stream(),
                n -> {
                    files.add(new ByteArrayOutputStream());
                    return files.get(n - 1);
                },
                mostAddresses,
                mostBytes);
        return files.stream().map(f -> f.toString(StandardCharsets.UTF_8)).toList();
    }

    private static List<Sitemap.Address> entries(Edition site) {
        View view = View.of(site, NOW, "http://y", View.Mode.VISITOR);
        return Sitemap.addresses(view, Map.of("home", NOW)).toList();
    }

    private static List<Page> many(int count) {
        return IntStream.range(0, count)
                .mapToObj(n -> Page.of("page-" + n, "Page " + n, "page-" + n, "standard"))
                .toList();
    }

    /** What lies where, from the first on. */
    private static Map<String, String> told(Edition site, Instant changed, int most) {
        SitemapFiles files =
                new SitemapFiles(View.of(site, NOW, "http://y", View.Mode.VISITOR), Map.of("weaving", changed), most);
        Map<String, String> told = new TreeMap<>();
        Deque<String> asked = new ArrayDeque<>(List.of("/sitemap.xml"));
        while (!asked.isEmpty()) {
            String path = asked.remove();
            SitemapFiles.File file =
                    files.at(SitemapPath.of(path).orElseThrow()).orElseThrow();
            told.put(path, new String(file.xml(), StandardCharsets.UTF_8));
            loc(told.get(path), "<sitemap><loc>")
                    .map(a -> a.substring("http://y".length()))
                    .forEach(asked::add);
        }
        return told;
    }

    private static Stream<String> loc(String xml, String before) {
        return Pattern.compile(before + "([^<]*)").matcher(xml).results().map(r -> r.group(1));
    }
}
