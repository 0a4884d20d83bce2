package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.body.listing.Asked;
import venue.core.body.search.Found;
import venue.core.edition.edition.Edition;
import venue.core.live.sitemap.Sitemap;
import venue.core.model.gate.Visitor;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.show.feed.Feed;
import venue.core.show.gathering.Hard;

/** Listings as they are written: every layout on few and many, with pictures and without; further pages; visitors who may not see all. */
class LayoutsTest {

    private static final Instant NOW = Instant.parse("2026-11-27T12:00:00Z");
    private static final Media LOOM =
            Media.picture("loom", "Loom", new Hash("ab".repeat(32)), "jpg", 1600, 900, List.of(480, 1600));
    private static final Kind STORY = Kind.named(
            "story",
            "Story",
            "",
            List.of(
                    Property.of("date", "When", PropertyType.DATE),
                    Property.of("picture", "Picture", PropertyType.PICTURE),
                    Property.of("summary", "Summary", PropertyType.LINES),
                    Property.of("place", "Place", PropertyType.WORDS).listed()));

    private static Edition stories(int count, boolean pictures) {
        List<Page> pages = new ArrayList<>(List.of(Sites.page("home", null, 0, "Home", "")));
        for (int i = 0; i < count; i++) {
            Map<String, Value> fields = new TreeMap<>(Map.of(
                    "summary", Value.of("What happened, in a line"),
                    "date", Value.of(String.format("2026-%02d-%02d", 1 + i % 11, 1 + i % 28)),
                    "place", Value.of(i % 2 == 0 ? "Shed" : "Moor")));
            if (pictures && i % 3 != 1) {
                fields.put("picture", Value.of("loom"));
            }
            pages.add(Page.of("s" + i, "Story " + i, "story-" + i, "story")
                    .withPlace("home", i + 1)
                    .withFields(fields));
        }
        return Edition.of(Sites.items(pages.toArray(Page[]::new))).with(List.of(STORY, LOOM), List.of());
    }

    private static Element listing(Map<String, Object> props) {
        Map<String, Value> values = new TreeMap<>(Map.of("kind", Value.of("story"), "amount", Value.of("all")));
        props.forEach((key, value) -> values.put(key, Value.fromJson(value)));
        return new Element("e1", "listing", values);
    }

    private static View view(Edition site) {
        return View.of(site, NOW, "http://yard", View.Mode.VISITOR);
    }

    private static Document drawn(View view, Element listing, String layout) {
        Parser strict = Parser.htmlParser().setTrackErrors(5);
        Page home = view.edition().home().orElseThrow();
        Document html =
                strict.parseInput(Layouts.drawn(view, home, listing, layout).html(), "");
        assertThat(strict.getErrors()).isEmpty();
        return html;
    }

    private static Stream<String> layouts() {
        Edition site = stories(1, true);
        return Layouts.of(view(site), site.home().orElseThrow(), listing(Map.of())).layouts().stream()
                .map(Layouts.Layout::key);
    }

    @ParameterizedTest
    @MethodSource("layouts")
    void everyLayoutHoldsWithFewAndManyWithPicturesAndWithout(String layout) {
        for (int count : List.of(0, 1, 2, 7, 500)) {
            for (boolean pictures : List.of(true, false)) {
                Document html = drawn(view(stories(count, pictures)), listing(Map.of("missing", "drawn")), layout);
                assertThat(html.select(layout.equals("table") ? "tbody tr" : ".listing > li"))
                        .as(layout + " of " + count)
                        .hasSize(count);
                assertThat(html.select("ul:empty, div:empty, p:empty, dl:empty, td:only-child"))
                        .isEmpty();
                assertThat(html.select("[role=navigation], .choosing, nav.further"))
                        .isEmpty();
                html.select("table tr")
                        .forEach(r -> assertThat(r.childrenSize())
                                .isEqualTo(html.select("thead th").size()));
                html.select(".listing > li")
                        .forEach(l -> assertThat(l.select(".h a[href]")).hasSize(1));
            }
        }
    }

    @Test
    void groupsHaveHeadingsOneLevelAboveTheirEntriesAndAnIndexThatLeadsToThem() {
        Document html = drawn(view(stories(30, true)), listing(Map.of("group", "month", "order", "newest")), "rows");
        List<String> index = html.select(".jump a").eachAttr("href");
        assertThat(index).hasSize(11);
        index.forEach(href -> assertThat(html.select(href)).hasSize(1));
        assertThat(html.select(".jump li").eachText().subList(0, 2)).containsExactly("2026", "November 2");
        assertThat(html.select(".grouped > h2.group")).hasSize(11);
        assertThat(html.select(".grouped .card h3")).hasSize(30);
    }

    @Test
    void whatIsFoundStandsOnceInEachLayoutWithItsWordsMarked() {
        Edition site = stories(12, true);
        View view =
                view(site).searchedBy(new FindsEverything(site)).asking(new Asked("", 1, Map.of(Found.WORDS, "looms")));
        Element search = new Element("e1", "search", Map.of("each", Value.of(50)));
        Layouts layouts = Layouts.of(view, site.home().orElseThrow(), search);
        assertThat(layouts.matching()).isEqualTo(12);
        assertThat(layouts.layouts()).hasSize(5);
        for (Layouts.Layout layout : layouts.layouts()) {
            Document html = drawn(view, search, layout.key());
            assertThat(html.select("ol.found > li .h a[href]")).as(layout.key()).hasSize(12);
            assertThat(html.select("ol.found > li mark"))
                    .as(layout.key())
                    .hasSize(layout.key().equals("compact") ? 0 : 12);
            assertThat(html.select("ol.found img").isEmpty())
                    .isEqualTo(!Set.of("pictures", "cards").contains(layout.key()));
            assertThat(html.select("p:empty, ol:empty")).isEmpty();
        }
        assertThat(drawn(view, search, "kinds").select(".grouped > h2.group").eachText())
                .containsExactly("Story");
    }

    @Test
    void whatIsHardIsMadeOfTheSameContent() {
        Edition site = stories(3, true);
        View view = view(site);
        assertThat(drawn(view.trying(Hard.NONE), listing(Map.of()), "cards").select(".card"))
                .isEmpty();
        assertThat(drawn(view.trying(Hard.ONE), listing(Map.of()), "cards").select(".card"))
                .hasSize(1);
        assertThat(drawn(view.trying(Hard.FEW), listing(Map.of()), "cards").select(".card"))
                .hasSize(3);
        assertThat(drawn(view.trying(Hard.MANY), listing(Map.of()), "cards").select(".card"))
                .hasSize(24);
        assertThat(drawn(view.trying(Hard.BARE), listing(Map.of()), "cards").select("img"))
                .isEmpty();
        assertThat(drawn(view.trying(Hard.LONGEST), listing(Map.of()), "cards")
                        .select(".card .h")
                        .eachText())
                .hasSize(3)
                .containsOnly(site.all(Page.class)
                        .map(Page::title)
                        .max(java.util.Comparator.comparing(String::length))
                        .orElseThrow());
        Layouts none = Layouts.of(view(stories(4, false)), site.home().orElseThrow(), listing(Map.of()));
        assertThat(none.layouts())
                .filteredOn(l -> !l.whyNot().isEmpty())
                .extracting(Layouts.Layout::key)
                .containsExactly("posters", "gallery");
    }

    private static Edition paged(int count, Map<String, Object> more) {
        Edition site = stories(count, false);
        Map<String, Object> props =
                new TreeMap<>(Map.of("amount", "paged", "limit", 4, "order", "title", "feed", true));
        props.putAll(more);
        Section section = Section.empty("l", "List", List.of(12));
        Section filled = section.withColumns(List.of(section.columns().get(0).withElements(List.of(listing(props)))));
        Page home = site.home().orElseThrow();
        return site.with(List.of(home.withZones(new Zones(Map.of("main", List.of(filled))))), List.of());
    }

    @Test
    void furtherPagesAreKnownByTheirNumberAndStandInTheSitemap() {
        View view = view(paged(10, Map.of()));
        Page home = view.edition().home().orElseThrow();
        Rendered second =
                PageRenderer.render(view.asking(Asked.at("/-/2", Map.of()).asked()), home);
        assertThat(second.further()).containsExactly(Map.entry("", 3));
        Document html = org.jsoup.Jsoup.parse(second.html());
        assertThat(html.select("link[rel=canonical]").attr("href")).isEqualTo("http://yard/-/2");
        assertThat(html.select("head link[rel=prev]").attr("href")).isEqualTo("http://yard/");
        assertThat(html.select("head link[rel=next]").attr("href")).isEqualTo("http://yard/-/3");
        assertThat(html.title()).endsWith("Page 2");
        assertThat(Sitemap.addresses(view, Map.of()))
                .extracting(Sitemap.Address::address)
                .contains("http://yard/-/2", "http://yard/-/3")
                .doesNotContain("http://yard/-/1", "http://yard/-/4");
    }

    /** Two that are followed and nothing else have each its address, and the second what it shows itself. */
    @Test
    void eachListingThatCanBeFollowedIsFollowedByItself() {
        Edition site = stories(9, false);
        Section two = Section.empty("l", "Lists", List.of(6, 6));
        Map<String, Object> first = Map.of("amount", "some", "limit", 3, "order", "title", "feed", true);
        Map<String, Object> rest = Map.of("order", "title", "feed", true, "fresh", true, "called", "rest");
        Section filled = two.withColumns(List.of(
                two.columns().get(0).withElements(List.of(listing(first))),
                two.columns().get(1).withElements(List.of(listing(rest)))));
        Page home = site.home().orElseThrow().withZones(new Zones(Map.of("main", List.of(filled))));
        Map<String, List<Page>> fed = PageRenderer.render(view(site.with(List.of(home), List.of())), home)
                .fed();
        assertThat(fed).containsOnlyKeys("", "rest");
        assertThat(fed.get("rest")).extracting(Page::id).containsExactly("s3", "s4", "s5", "s6", "s7", "s8");
    }

    @Test
    void anAddressOfAFurtherPageIsReadForWhatItIs() {
        assertThat(Asked.at("/news/-/2", Map.of()).page()).isEqualTo("/news");
        assertThat(Asked.at("/a/b/-/old/12", Map.of()).asked()).isEqualTo(new Asked("old", 12, Map.of()));
        for (String none : List.of("/news/-/0", "/news/-/02", "/news-/2", "/news/-/x", "/-/own/2/3", "/news/-/99999")) {
            assertThat(Asked.at(none, Map.of()).page()).as(none).isEqualTo(none);
        }
        Map<String, String> query = Map.of("place", "Shed", "old.place", "Moor", "old.q", " ");
        assertThat(new Asked("", 1, query).chosen("")).containsExactly(Map.entry("place", "Shed"));
        assertThat(new Asked("", 1, query).chosen("old")).containsExactly(Map.entry("place", "Moor"));
    }

    @Test
    void whatAVisitorMayNotOpenIsInNoListingChoiceOrFeed() {
        View all = view(paged(10, Map.of("choose", List.of(Map.of("field", "place")), "amount", "all")));
        View view = view(all.edition()
                        .with(
                                all.edition()
                                        .all(Page.class)
                                        .filter(p -> p.id().endsWith("3"))
                                        .map(p -> p.withSetting("gate", Value.of("members")))
                                        .toList(),
                                List.of()))
                .seenBy(Visitor.STRANGER);
        Page home = view.edition().home().orElseThrow();
        Rendered page = PageRenderer.render(view, home);
        assertThat(page.html()).contains("Story 4").doesNotContain("Story 3");
        assertThat(org.jsoup.Jsoup.parse(page.html()).select(".chips small").eachText())
                .containsExactly("4", "5");
        List<Page> fed = page.fed().get("");
        assertThat(fed).hasSize(9).allMatch(view::shows);
        assertThat(Feed.of(view, home, "", fed).entries()).hasSize(9);
    }
}
