package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
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
import venue.core.edition.edition.Gates;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.live.sitemap.Sitemap;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Gate;
import venue.core.model.gate.GateSettings;
import venue.core.model.gate.Visitor;
import venue.core.model.kind.Kind;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.part.PagePart;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.show.feed.Feed;

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

    /** Gates by number, so that a story can be given any of them. */
    private static final List<Map<String, Value>> GATES = List.of(
            Map.of(),
            GateSettings.values(Gate.OPEN),
            GateSettings.values(new Gate(Audience.MEMBERS, false)),
            GateSettings.values(new Gate(Audience.of(Set.of("crew")), false)),
            GateSettings.values(new Gate(Audience.US, true)),
            GateSettings.values(new Gate(Audience.of(Set.of("crew")), true)),
            GateSettings.values(new Gate(Audience.MEMBERS, true)));

    private static final List<Visitor> VISITORS =
            List.of(Visitor.STRANGER, Visitor.member(Set.of()), Visitor.member(Set.of("crew")), Visitor.US);

    /** Stories stand beneath stories: what one says of who may see it holds for those beneath it. */
    private static Edition gated(List<Integer> gates) {
        Edition site = site();
        List<Page> pages = new ArrayList<>();
        for (int i = 0; i < gates.size(); i++) {
            Page page = site.require(Page.class, id(i));
            Map<String, Value> settings = new TreeMap<>(page.settings());
            settings.putAll(GATES.get(gates.get(i)));
            Page said = page.withSettings(settings);
            pages.add(i >= 4 && i < STORIES ? said.withPlace("s" + i % 4, i) : said);
        }
        return site.with(pages, List.of());
    }

    private static View view(Edition site, Visitor visitor) {
        return View.of(site, Instant.parse("2026-11-27T12:00:00Z"), "http://yard", View.Mode.VISITOR)
                .seenBy(visitor)
                .searchedBy(new FindsEverything(site))
                .asking(Asked.at("/", Map.of(Found.WORDS, "story")).asked());
    }

    @Property(tries = 60)
    void nothingIsToldOfAPageThatAVisitorMayNotOpen(
            @ForAll @Size(STORIES + 3) List<@IntRange(max = 6) Integer> gates, @ForAll @IntRange(max = 3) int who) {
        Edition site = gated(gates);
        Visitor visitor = VISITORS.get(who);
        View view = view(site, visitor);
        List<Page> open = site.all(Page.class)
                .filter(p -> Gates.of(site).opens(p, visitor))
                .toList();
        List<Page> secret = site.all(Page.class).filter(p -> !open.contains(p)).toList();
        for (Page page : open) {
            String html = PageRenderer.render(view, page).html();
            secret.forEach(s -> assertThat(html).as(page.id()).doesNotContain(s.title(), site.servedAt(s) + "\""));
        }
        Page home = site.home().orElseThrow();
        List<Page> fed = PageRenderer.render(view, home).fed().getOrDefault("", List.of());
        assertThat(fed).hasSize((int)
                open.stream().filter(p -> p.kind().equals("story")).count());
        assertThat(Feed.of(view, home, "", fed).entries()).hasSameSizeAs(fed);
        assertThat(Sitemap.addresses(view.seenBy(Visitor.STRANGER), Map.of()).map(Sitemap.Address::page))
                .containsExactlyInAnyOrderElementsOf(site.all(Page.class)
                        .filter(p -> Gates.of(site).opens(p, Visitor.STRANGER))
                        .toList());
    }

    /** Who doesn't learn of pages gets, byte for byte, the site that has none of them. */
    @Property(tries = 40)
    void aPageOfWhichAVisitorDoesNotLearnMightAsWellNotBeThere(
            @ForAll @Size(STORIES + 3) List<@IntRange(max = 6) Integer> gates, @ForAll @IntRange(max = 2) int who) {
        Edition site = gated(gates);
        Visitor visitor = VISITORS.get(who);
        Set<String> unseen = site.all(Page.class)
                .map(Page::id)
                .filter(id -> site.plan()
                        .subtree(id)
                        .allMatch(b -> Gates.of(site)
                                        .of(site.require(Page.class, b))
                                        .gate()
                                        .meets(visitor)
                                == Gate.Meeting.NOTHING))
                .collect(Collectors.toSet());
        Edition without = site.with(List.of(), unseen);
        View there = view(site, visitor);
        View notThere = view(without, visitor);
        without.all(Page.class)
                .filter(notThere::shows)
                .forEach(page ->
                        assertThat(PageRenderer.render(there, page)).isEqualTo(PageRenderer.render(notThere, page)));
        unseen.forEach(id -> assertThat(
                        Addresses.of(there.edition(), visitor).at(site.plan().address(id)))
                .isEqualTo(new AtAddress.Nothing()));
    }

    private static String id(int hidden) {
        return hidden < STORIES ? "s" + hidden : "t" + (hidden - STORIES);
    }

    /** Each is before the one that is after it, and all of a kind hang together by their dates. */
    @Property(tries = 40)
    void whatIsAfterAPageIsWhatItIsBefore(
            @ForAll @Size(max = 9) Set<@IntRange(min = 0, max = STORIES - 1) Integer> off) {
        Edition site = site();
        Edition closed = site.with(
                off.stream()
                        .map(h -> site.require(Page.class, id(h)).withSetting("gate", Value.of("us")))
                        .toList(),
                List.of());
        View view =
                View.of(closed, Instant.EPOCH, "http://yard", View.Mode.VISITOR).seenBy(Visitor.STRANGER);
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
