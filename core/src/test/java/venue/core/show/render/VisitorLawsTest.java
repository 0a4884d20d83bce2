package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.body.listing.Asked;
import venue.core.body.search.Found;
import venue.core.carry.compose.Compose;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.show.feed.Feed;
import venue.core.show.visitor.Visitor;

/** Whatever gathers pages for a visitor (menus, listings and their choices, parts of pages, search, feeds) tells of none that they may not open. */
class VisitorLawsTest {

    private static final int STORIES = 12;
    private static final Kind STORY = Kind.named(
            "story",
            "Story",
            "",
            List.of(
                    venue.core.model.property.Property.of("date", "When", PropertyType.DATE),
                    venue.core.model.property.Property.many(
                            "topics",
                            "Topics",
                            venue.core.model.property.Property.of("one", "Topic", PropertyType.TOPIC))));

    private static Page story(int i) {
        Map<String, Value> parts = new TreeMap<>();
        for (PagePart part : PagePart.values()) {
            parts.put(part.key(), Value.of(part == PagePart.AROUND ? "beside" : "shown"));
        }
        return Page.of("s" + i, "Story-" + i + "-", "story-" + i, "story")
                .withPlace("home", i + 10)
                .wearing("plain")
                .withFields(Map.of(
                        "date",
                        Value.of(String.format("2026-01-%02d", i + 1)),
                        "topics",
                        new Value.Many(List.of(Map.of("one", Value.of("t" + i % 3))))))
                .withSettings(parts);
    }

    private static Edition site() {
        List<Page> pages = new ArrayList<>();
        Section all = Compose.section(
                "l",
                "All",
                Compose.part("listing")
                        .with("kind", "story")
                        .with("amount", "all")
                        .with("topics", Value.of(true))
                        .with("feed", Value.of(true))
                        .with("byYear", Value.of(true))
                        .with("choose", Compose.list(Compose.group("field", "topics"))),
                Compose.part("site-index"),
                Compose.part("menu").with("menu", "stories"),
                Compose.part("search"));
        pages.add(Sites.page("home", null, 0, "Home", "").withZones(new Zones(Map.of("main", List.of(all)))));
        IntStream.range(0, STORIES).mapToObj(VisitorLawsTest::story).forEach(pages::add);
        for (int t = 0; t < 3; t++) {
            pages.add(
                    Page.of("t" + t, "Topic-" + t + "-", "topic-" + t, "topic").withPlace(null, t + 1));
        }
        Menu menu = new Menu(
                "stories",
                "Stories",
                pages.stream().map(p -> Line.toPage("l-" + p.id(), p.id())).toList());
        return Edition.of(Sites.items(pages.toArray(Page[]::new))).with(List.of(STORY, menu), List.of());
    }

    @Property(tries = 60)
    void nothingIsToldOfAPageThatAVisitorMayNotOpen(
            @ForAll @Size(max = 8) Set<@IntRange(min = 0, max = STORIES + 2) Integer> hidden) {
        Edition site = site();
        Visitor some = (edition, page) -> hidden.stream().noneMatch(h -> id(h).equals(page.id()));
        View view = View.of(site, Instant.parse("2026-11-27T12:00:00Z"), "http://yard", View.Mode.VISITOR)
                .seenBy(some)
                .searchedBy(new FindsEverything(site))
                .asking(Asked.at("/", Map.of(Found.WORDS, "story")).asked());
        Page home = site.home().orElseThrow();
        for (Page page : site.all(Page.class).filter(p -> some.mayOpen(site, p)).toList()) {
            Document html = Jsoup.parse(PageRenderer.render(view, page).html());
            for (int h : hidden) {
                Page secret = site.require(Page.class, id(h));
                assertThat(html.html()).as(page.id()).doesNotContain(secret.title(), site.servedAt(secret) + "\"");
            }
        }
        List<Page> fed = PageRenderer.render(view, home).fed().get("");
        assertThat(fed).hasSize((int)
                IntStream.range(0, STORIES).filter(i -> !hidden.contains(i)).count());
        assertThat(Feed.of(view, home, "", fed).entries()).hasSameSizeAs(fed);
    }

    private static String id(int hidden) {
        return hidden < STORIES ? "s" + hidden : "t" + (hidden - STORIES);
    }

    /** Each is before the one that is after it, and all of a kind hang together by their dates. */
    @Property(tries = 40)
    void whatIsAfterAPageIsWhatItIsBefore(
            @ForAll @Size(max = 9) Set<@IntRange(min = 0, max = STORIES - 1) Integer> off) {
        Edition site = site();
        Visitor some = (edition, page) -> off.stream().noneMatch(h -> id(h).equals(page.id()));
        View view =
                View.of(site, Instant.EPOCH, "http://yard", View.Mode.VISITOR).seenBy(some);
        List<Page> open = IntStream.range(0, STORIES)
                .filter(i -> !off.contains(i))
                .mapToObj(i -> site.require(Page.class, "s" + i))
                .toList();
        for (int i = 0; i < open.size(); i++) {
            Document html = Jsoup.parse(PageRenderer.render(view, open.get(i)).html());
            assertThat(html.select(".neighbours .prev").eachAttr("href"))
                    .isEqualTo(i == 0 ? List.of() : List.of(view.path(open.get(i - 1))));
            assertThat(html.select(".neighbours .next").eachAttr("href"))
                    .isEqualTo(i + 1 == open.size() ? List.of() : List.of(view.path(open.get(i + 1))));
        }
    }
}
