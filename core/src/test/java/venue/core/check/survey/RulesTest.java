package venue.core.check.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.pattern.PatternCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.section.Zones;

/** Each rule finds what is put wrong at random, and nothing in what is right; its mends mend it and make nothing else wrong. */
class RulesTest {

    private static final int TRIES = 12;
    private static final List<String> PAGES = List.of("p0", "p1", "p2", "p3");

    /** What is put wrong of a page; gives the item about which it must be found. */
    private record Wrong(
            String rule, BiFunction<Edition, Page, Edition> put, BiFunction<Edition, Page, String> about) {}

    /** A site in which all is as it should be: four pages beneath home, in a menu in the order of the plan. */
    private static Edition right() {
        List<Page> pages = new ArrayList<>(List.of(page("home", null, 0)));
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < PAGES.size(); i++) {
            pages.add(page(PAGES.get(i), null, i + 1));
            lines.add(Line.toPage("l" + i, PAGES.get(i)));
        }
        return Edition.of(Sites.items(pages.toArray(Page[]::new)))
                .with(List.of(new Menu("main", "Main", lines)), List.of());
    }

    private static Page page(String id, @Nullable String parent, long place) {
        return Sites.page(id, parent, place, "Page " + id + " of the yard", "<h3>First</h3><p>Words</p>")
                .withSetting("searchDescription", Value.of("What page " + id + " tells of the yard and of its doors."));
    }

    private static Edition with(Edition site, Page page) {
        return site.with(List.of(page), List.of());
    }

    private static Edition setting(Edition site, Page page, String key, Value value) {
        return with(site, page.withSetting(key, value));
    }

    private static Edition holding(Edition site, Page page, Compose.Part element) {
        return with(site, page.withZones(new Zones(Map.of("main", List.of(section("x1", "Section", element))))));
    }

    private static Edition text(Edition site, Page page, String html) {
        return holding(site, page, Compose.text(html));
    }

    private static Wrong of(String rule, BiFunction<Edition, Page, Edition> put) {
        return new Wrong(rule, put, (site, page) -> page.id());
    }

    private static Stream<Arguments> wrongs() {
        return Stream.of(
                        of("in-menu-kept-out", (s, p) -> setting(s, p, "keepOut", Value.of(true))),
                        new Wrong(
                                "home-missing",
                                (s, p) -> setting(s, s.page("home").orElseThrow(), "keepOut", Value.of(true)),
                                (s, p) -> "home"),
                        new Wrong(
                                "menu-out-of-order",
                                (s, p) -> Sites.after(
                                        s, PageCommand.movePage(p.id(), null, p.id().equals("p0") ? "p3" : "p0")),
                                (s, p) -> "main"),
                        of(
                                "same-title",
                                (s, p) -> with(
                                        s,
                                        page("other", null, 9)
                                                .withTitle(p.title().toUpperCase(java.util.Locale.ROOT)))),
                        of("search-text-length", (s, p) -> setting(s, p, "searchTitle", Value.of("x".repeat(61)))),
                        of("search-text-length", (s, p) -> setting(s, p, "searchDescription", Value.of("Short"))),
                        of("headings-skip", (s, p) -> text(s, p, "<h4>Deep</h4><p>a</p><h3>Up</h3>")),
                        of("link-says-nothing", (s, p) -> text(s, p, "<p><a href=\"page:home\">Read more…</a></p>")),
                        of("table-without-head", (s, p) -> text(s, p, "<table><tr><td>1</td></tr></table>")),
                        of(
                                "table-without-head",
                                (s, p) -> holding(
                                        s,
                                        p,
                                        part("table").with("cells", "a,b\n1,2").with("headRow", Value.of(false)))),
                        of(
                                "empty-listing",
                                (s, p) -> holding(
                                        s.with(List.of(Kind.named("talk", "Talk", "", List.of())), List.of()),
                                        p,
                                        Compose.listing("talk", "all", "title", 3, "rows"))),
                        of("sample-words", (s, p) -> text(s, p, "<p>Lorem ipsum dolor sit amet</p>")),
                        of("fact-missing", (s, p) -> holding(s, p, part("hours"))),
                        of("odd-link", (s, p) -> text(s, p, "<p><a href=\"http://192.0.2.7/x\">The well</a></p>")),
                        of("odd-link", (s, p) -> text(s, p, "<p><a href=\"https://a:b@moor.example/\">In</a></p>")),
                        of("address-unreadable", (s, p) -> with(s, p.withSegment("a".repeat(61)))),
                        of("address-unreadable", (s, p) -> with(s, p.withSegment("2026-11"))),
                        new Wrong("too-deep", RulesTest::deep, (s, p) -> "d4"),
                        of("branch-of-one", (s, p) -> with(s, page("child", p.id(), 1))),
                        of(
                                "share-picture",
                                (s, p) -> setting(
                                        with(s, p).with(List.of(media("small", "jpg", 10, 300)), List.of()),
                                        p,
                                        "shareImage",
                                        Value.of("small"))),
                        of("section-behind", RulesTest::behind),
                        new Wrong(
                                "file-unused",
                                (s, p) -> s.with(List.of(media("loose", "pdf", 10, 0)), List.of()),
                                (s, p) -> "loose"),
                        of("date-past", (s, p) -> text(s, p, "<p>Next opening: 3 March 2026, at dusk.</p>")),
                        of("date-past", (s, p) -> text(s, p, "<p>Coming on 2026-11-27.</p>")),
                        new Wrong(
                                "file-too-heavy",
                                (s, p) -> s.with(List.of(media("heavy", "pdf", 21_000_000, 0)), List.of()),
                                (s, p) -> "heavy"))
                .map(w -> Arguments.of(w.rule(), w));
    }

    /** A page with what a pattern brought, which has moved on since. */
    private static Edition behind(Edition site, Page page) {
        Edition kept = Sites.after(site, PatternCommand.keepPattern(page.id(), null, "p", "Ours", "Ours"));
        Edition placed =
                Sites.after(kept, SectionCommand.placeSection(page.id(), "main", 0, "x", "p", null, List.of()));
        return Sites.after(placed, ValueCommand.setValue("p", "s1", null, "tone", Value.of("tinted")));
    }

    private static Edition deep(Edition site, Page page) {
        Edition now = site;
        String above = page.id();
        for (int i = 1; i <= 4; i++) {
            now = with(now, page("d" + i, above, 1));
            above = "d" + i;
        }
        return now;
    }

    private static Media media(String id, String format, long bytes, int width) {
        return width > 0
                ? Media.picture(id, id, Hash.over(id), format, width, width, List.of(width))
                : Media.file(id, id, Hash.over(id), format, bytes);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("wrongs")
    void findsWhatIsPutWrongAndNothingInWhatIsRight(String rule, Wrong wrong) {
        Random chance = new Random(rule.hashCode());
        Edition site = right();
        assertThat(surveyed(site, site).all()).isEmpty();
        for (int i = 0; i < TRIES; i++) {
            Page page = site.page(PAGES.get(chance.nextInt(PAGES.size()))).orElseThrow();
            Edition put = wrong.put().apply(site, page);
            String about = wrong.about().apply(put, page);
            List<Finding> found = surveyed(put, put).all();
            assertThat(found)
                    .filteredOn(f -> f.rule().equals(rule))
                    .extracting(Finding::item)
                    .contains(about);
            found.stream()
                    .filter(f -> f.rule().equals(rule))
                    .forEach(f -> f.mends()
                            .forEach(mend -> assertThat(told(surveyed(Sites.after(put, mend.command()), put)))
                                    .as(mend.label())
                                    .isSubsetOf(told(surveyed(put, put)))
                                    .doesNotContain(told(f))));
        }
    }

    private static Survey surveyed(Edition working, Edition live) {
        return Survey.of(working, live, new Known(Sites.desk(working).archive()::find, LocalDate.parse("2026-11-28")));
    }

    private static List<String> told(Survey survey) {
        return survey.all().stream().map(RulesTest::told).toList();
    }

    private static String told(Finding finding) {
        return finding.rule() + " " + finding.item() + " " + finding.says();
    }
}
