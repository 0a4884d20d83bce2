package venue.core.body.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.RETURNS_DEEP_STUBS;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.group;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.list;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.Sites;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.body.scene.Scene;
import venue.core.carry.compose.Compose;
import venue.core.carry.compose.Compose.Part;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.show.render.OwnHtml;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** What the richer elements write. */
class MoreElementsTest {

    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");
    private static final Media LOOM =
            Media.picture("loom", "A loom", new Hash("ab".repeat(32)), "jpg", 1600, 900, List.of(480, 1600));
    private static final Media GUIDE = Media.file("guide", "Guide", new Hash("cd".repeat(32)), "pdf", 1_260_000)
            .withPlace("Guide", "Guides");
    private static final Media FILM = Media.file("film", "Night", new Hash("ef".repeat(32)), "mp4", 9_000_000);

    private Edition site = Sites.small().with(List.of(LOOM, GUIDE, FILM), List.of());

    private void fact(String key, String words) {
        site = site.with(List.of(site.site().with(key, Value.of(words))), List.of());
    }

    private Document page(Section... sections) {
        return page(View.Mode.VISITOR, sections);
    }

    private Document page(View.Mode mode, Section... sections) {
        Page page = site.require(Page.class, "weaving").withZones(new Zones(Map.of("main", List.of(sections))));
        Edition edition = site.with(List.of(page), List.of());
        return Jsoup.parse(PageRenderer.render(View.of(edition, NOW, "http://y", mode), page)
                .html());
    }

    private Document with(Part... parts) {
        return page(section("s1", "S", parts));
    }

    @Test
    void picturesHaveNoEmptyFrameAndEachOpensLargeWithoutScript() {
        Document page = with(part("pictures")
                .with("shape", "mosaic")
                .with("pictures", list(group("picture", "loom"), group("picture", "gone"), group("picture", "loom"))));
        assertThat(page.select(".pictures.mosaic.n2 > li")).hasSize(2);
        assertThat(page.select(".enlarge").eachAttr("popovertarget"))
                .doesNotHaveDuplicates()
                .allSatisfy(
                        id -> assertThat(page.select("#" + id + "[popover]")).hasSize(1));
        assertThat(page.select("body script")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"a,b\\n1,\"2, and more\"|2, and more", "a\\tb\\n1\\t2|2", "a,b\\n\"say \"\"hi\"\"\",2|say \"hi\""})
    void aTableTakesCommasTabsAndQuotes(String cells, String holds) {
        Document page =
                with(part("table").with("cells", cells.replace("\\n", "\n").replace("\\t", "\t")));
        assertThat(page.select("thead th[scope=col]").eachText()).containsExactly("a", "b");
        assertThat(page.select("tbody td").eachText()).contains(holds);
    }

    @Test
    void aRaggedTableIsFilledUpAndABrokenOneStillShows() {
        Document page = with(part("table").with("cells", "a,b,c\n1\n2,3"));
        assertThat(page.select("tbody tr"))
                .allSatisfy(r -> assertThat(r.children()).hasSize(3));
        assertThat(with(part("table").with("cells", "a,\"b\nopen quote")).select("table"))
                .hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-25T13:00, '2 days 1 hour'",
        "2026-11-23T15:00, '3 hours'",
        "2026-11-24T12:00, '1 day'",
        "2026-11-23T12:20, less than an hour",
        "2027-03-01T19:00, 'Monday 1 March 2027, 19:00'"
    })
    void aCountdownSaysWhatIsLeft(String until, String words) {
        Document page = with(part("countdown").with("until", until).with("after", "<p>It has begun</p>"));
        assertThat(page.select(".countdown time").text()).isEqualTo(words);
        assertThat(page.text()).doesNotContain("It has begun");
    }

    @Test
    void onceItHasBegunTheCountdownSaysSoOrIsLeftOut() {
        Part over = part("countdown").with("until", "2026-11-23T11:59").with("words", "until dusk");
        assertThat(with(over.with("after", "<p>It has begun</p>"))
                        .select(".countdown")
                        .text())
                .isEqualTo("It has begun");
        assertThat(with(over).select("#main section")).isEmpty();
    }

    @Test
    void columnsSideBySideHaveHeadingsOfOneLevel() {
        Document page =
                page(columns("s1", "A", column(6, heading("One")), column(6, heading("Two"), heading("In two"))));
        assertThat(page.select("main h2").eachText()).containsExactly("One", "Two");
        assertThat(page.select("main h3").eachText()).containsExactly("In two");
    }

    @Test
    void whatIsWrittenStandsAloneAndWhatSetsOffOtherThingsDoesNot() {
        Part unanswered = part("questions").with("questions", list(group("question", "…", "answer", "…")));
        Section section = section("s1", "Q", heading("Questions"), unanswered, Compose.divider("short"));
        assertThat(page(section).select("#main section h2").text()).isEqualTo("Questions");
        Section nothing = section("s2", "N", unanswered, Compose.divider("short"));
        assertThat(page(nothing).select("#main section")).isEmpty();
        assertThat(page(View.Mode.MARKED, nothing).select("#main section")).hasSize(1);
    }

    @Test
    void somebodyWithoutAPictureHasTheirFirstLetterInItsPlace() {
        Document page = with(
                part("people").with("people", list(group("name", "Ýrsa"), group("name", "Bo", "picture", "loom"))));
        assertThat(page.select(".person > .initial").eachText()).containsExactly("Ý");
        assertThat(page.select(".person > img")).hasSize(1);
    }

    @Test
    void contentsLeadToTheHeadingsOfThePageByAnchorsOfTheirOwn() {
        Document page = page(
                section("s1", "A", part("contents")),
                section("s2", "B", heading("Looms & wool"), heading("Looms & wool")),
                section("s3", "C", heading("Later")).with("shownFrom", Value.of("2030-01-01T00:00")));
        List<String> anchors = page.select(".contents a").eachAttr("href");
        assertThat(anchors).containsExactly("#h-looms-and-wool", "#h-looms-and-wool-2");
        anchors.forEach(a -> assertThat(page.select(a).text()).isEqualTo("Looms & wool"));
        assertThat(page(section("s2", "B", heading("Alone"))).select("#main [id]"))
                .isEmpty();
    }

    @Test
    void documentsSayWhatTheyAreAndHowLarge() {
        Document page = with(part("documents").with("folder", "guides"));
        assertThat(page.select(".documents li").text()).isEqualTo("Guide PDF, 1.3 MB");
        assertThat(page.select(".documents a").attr("href")).isEqualTo(GUIDE.path());
    }

    @Test
    void whatIsShownFromElsewhereWaitsForTheVisitorAndForTheManagersList() {
        Part outside =
                part("outside").with("address", "https://booking.example.org/x").with("title", "Book");
        assertThat(with(outside).select("iframe")).isEmpty();
        assertThat(with(outside).select("#main section a").attr("href")).isEqualTo("https://booking.example.org/x");
        fact("frameHosts", "films.example.org\nbooking.example.org");
        assertThat(with(outside)
                        .select("details:not([open]) > iframe[loading=lazy][sandbox]")
                        .attr("title"))
                .isEqualTo("Book");
        assertThat(with(outside.with("address", "https://booking.example.org.evil.example/"))
                        .select("iframe"))
                .isEmpty();
    }

    @Test
    void aFilmOfTheSitePlaysAndADocumentInItsPlaceDoesNot() {
        assertThat(with(part("film").with("file", "film"))
                        .select("video[controls]")
                        .attr("src"))
                .isEqualTo(FILM.path());
        assertThat(with(part("film").with("file", "guide")).select("#main section"))
                .isEmpty();
    }

    @Test
    void ownHtmlIsServedElsewhereAndFoundByPageAndHashAlone() {
        String html = "<script>document.title='x'</script>";
        Document page = with(part("own-html").with("html", html));
        assertThat(page.select("body script")).isEmpty();
        String path = page.select("iframe[sandbox]").attr("src");
        assertThat(page.select("iframe").attr("sandbox")).doesNotContain("same-origin");
        Page holding = site.require(Page.class, "weaving")
                .withZones(new Zones(Map.of(
                        "main", List.of(section("s1", "S", part("own-html").with("html", html))))));
        Edition edition = site.with(List.of(holding), List.of());
        assertThat(OwnHtml.at(edition, path)).contains(html);
        assertThat(OwnHtml.at(site, path)).as("not on the page any more").isEmpty();
        assertThat(OwnHtml.at(edition, path.replace("weaving", "home"))).isEmpty();
        assertThat(OwnHtml.at(edition, OwnHtml.WHERE + "x")).isEmpty();
    }

    @Test
    void factsOfTheSiteShowWhereverTheyAreGiven() {
        assertThat(with(part("contact"), part("hours"), part("social")).select("#main section"))
                .isEmpty();
        fact("email", "a@yard.example");
        fact("phone", "+44 (0)1234 567");
        fact("hours", "Monday: 10 to 17\nTuesday: closed");
        fact("social", "Letters https://letters.example\nnot a link\nhttps://bare.example");
        Document page = with(part("contact"), part("hours"), part("social"));
        assertThat(page.select(".contacts a").eachAttr("href"))
                .containsExactly("mailto:a@yard.example", "tel:+4401234567");
        assertThat(page.select("dt").eachText()).containsExactly("Monday", "Tuesday");
        assertThat(page.select(".social a").eachText()).containsExactly("Letters", "https://bare.example");
    }

    @ParameterizedTest
    @ValueSource(strings = {"javascript:alert(1)", "\"><script>alert(1)</script>", "x@y.example\" onclick=\"alert(1)"})
    void contactsThatAreNoneStayWords(String words) {
        Document page = with(part("people").with("people", list(group("name", "Ana", "email", words, "phone", words))));
        assertThat(page.select("body script, [onclick]")).isEmpty();
        assertThat(page.select(".person").text()).contains("Ana");
    }

    @Test
    void signsSayInWordsWhatTheyAre() {
        Document page = with(part("people")
                .with("contacts", "signs")
                .with("people", list(group("name", "Ana", "email", "ana@yard.example"))));
        assertThat(page.select(".contacts a").attr("aria-label")).isEqualTo("E-mail ana@yard.example");
        assertThat(page.select(".contacts svg").attr("aria-hidden")).isEqualTo("true");
    }

    @Test
    void aPlaceHasItsMapItsLinkAndItsCoordinates() {
        Map<String, Value> where = new TreeMap<>();
        where.put("latitude", new Value.Num(new java.math.BigDecimal("50.6123")));
        where.put("longitude", new Value.Num(new java.math.BigDecimal("-3.9541")));
        where.put("name", Value.of("The dome"));
        Document page = with(new Part("place", where));
        assertThat(page.select("a[href^=geo:]").attr("href")).isEqualTo("geo:50.61230,-3.95410");
        assertThat(page.select("svg.map").attr("aria-label")).isEqualTo("The dome");
        assertThat(page.select("svg.map text").eachText()).contains("50°36′N", "3°57′W");
    }

    /** All that was given lies within what is drawn; a server of tiles is let in, and asked nothing. */
    @Test
    void aPlaceIsDrawnWithWhatLiesAroundItAndAsksBeforeItFetchesAMap() {
        Map<String, Value> where = new TreeMap<>();
        where.put("latitude", new Value.Num(new java.math.BigDecimal("54.2")));
        where.put("longitude", new Value.Num(new java.math.BigDecimal("-1.5")));
        where.put("address", Value.of("Moor Road, above Ashcombe"));
        where.put("way", Value.of("page:workshops"));
        where.put("ground", Value.of("tiles"));
        where.put(
                "shapes",
                Value.of("{\"type\":\"LineString\",\"coordinates\":[[-1.52,54.19],[-1.5,54.2],[-1.44,54.23]]}"));
        Document drawn = with(new Part("place", where));
        assertThat(drawn.select(".ground[data-tiles], script[src]"))
                .as("no server is named")
                .isEmpty();
        assertThat(drawn.select(".place .lines").text()).isEqualTo("Moor Road, above Ashcombe");
        assertThat(drawn.select(".place a[href=/workshops]").text()).isEqualTo("The way there");
        for (String number : drawn.select(".map .way").attr("d").split("[ML ]")) {
            assertThat(number.isEmpty() ? 0 : Double.parseDouble(number)).isBetween(0.0, 200.0);
        }
        fact("tileServer", "https://tiles.example/{z}/{x}/{y}.png");
        fact("tileWords", "© the mappers");
        Page page = site.require(Page.class, "weaving")
                .withZones(new Zones(Map.of("main", List.of(section("s1", "S", new Part("place", where))))));
        View view = View.of(site.with(List.of(page), List.of()), NOW, "http://y", View.Mode.VISITOR);
        venue.core.show.render.Rendered asked = PageRenderer.render(view, page);
        assertThat(asked.tiles()).containsExactly("https://tiles.example");
        Document html = Jsoup.parse(asked.html());
        assertThat(html.select(".ground svg.map, .ground button[hidden]")).hasSize(2);
        assertThat(html.select("script[src=/-/map.js][defer]")).hasSize(1);
        assertThat(html.select("[src*=tiles.example], [href*=tiles.example]")).isEmpty();
        where.put("ground", Value.of("picture"));
        where.put("picture", Value.of("loom"));
        assertThat(with(new Part("place", where)).select(".ground img")).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "https://tiles.example/{z}/{x}.png",
                "http://tiles.example/{z}/{x}/{y}.png",
                "javascript:alert({z}{x}{y})",
                "https://tiles.example/{z}/{x}/{y}.png; script-src *"
            })
    void onlyAnAddressOfTilesIsOne(String address) {
        venue.core.model.property.Property tiles = venue.core.model.site.SiteFacts.all().stream()
                .filter(f -> f.key().equals("tileServer"))
                .findFirst()
                .orElseThrow();
        org.assertj.core.api.Assertions.assertThatThrownBy(
                        () -> venue.core.model.property.PropertyCheck.one(tiles, Value.of(address), "tileServer"))
                .hasMessageContaining("is no address of map tiles");
    }

    @Test
    void sectionsCarryTheirGroundTheirSpaceAndTheirReveal() {
        Section base = section("s1", "S", heading("Words"), text("<p>Words</p>"));
        Document gradient = page(base.with("back", Value.of("gradient")).with("backTo", Value.of("deep")));
        assertThat(gradient.select("section.g.gf-own.gt-deep")).hasSize(1);
        Document exact = page(base.with("space", Value.of("exact"))
                .with("spaceAbove", Value.of(37))
                .with("radius", Value.of(12))
                .with("reveal", Value.of("rise"))
                .with("delayMs", Value.of(200)));
        assertThat(exact.select("head style").html())
                .contains(".x1 .in{padding-block:37px 48px}", "border-radius:12px", "--after:200ms;--takes:600ms");
        assertThat(exact.select("section.rv.rv-rise.x1.x2.x3")).hasSize(1);
        assertThat(exact.select("script[src=/-/page.js][defer]")).hasSize(1);
        assertThat(page(View.Mode.MARKED, base.with("reveal", Value.of("rise"))).select("script[src]"))
                .isEmpty();
        assertThat(page(base).select("head style, script[src]")).isEmpty();
    }

    @Test
    void aPictureBehindShowsOnlyWhereItIsChosenAsTheBackground() {
        Section section = section("s1", "S", heading("Words")).with("picture", Value.of("loom"));
        assertThat(page(section).select(".back")).isEmpty();
        assertThat(page(section.with("back", Value.of("picture"))).select(".back img"))
                .hasSize(1);
        assertThat(page(section.with("back", Value.of("tile")).with("tile", Value.of("loom")))
                        .select("head style")
                        .html())
                .contains("url(" + LOOM.path(480) + ")");
    }

    @Test
    void anAgendaSetsTheDayApartAndAHeadingMayHaveWordsAboveAndALinkBeside() {
        Document agenda = with(
                part("heading").with("text", "Coming").with("kicker", "For all").with("linkLabel", "More"),
                part("listing").with("kind", "standard").with("shape", "agenda"));
        assertThat(agenda.select(".head .kicker + h2").text()).isEqualTo("Coming");
        assertThat(agenda.select(".head .all")).as("a link that leads nowhere").isEmpty();
        Document home = Jsoup.parse(PageRenderer.sections(
                        View.of(site, NOW, "http://y", View.Mode.VISITOR),
                        List.of(section(
                                "s1",
                                "S",
                                part("heading")
                                        .with("text", "Coming")
                                        .with("linkLabel", "More")
                                        .with("link", "page:weaving"),
                                part("listing").with("kind", "standard").with("shape", "agenda"))))
                .html());
        assertThat(home.select(".all a").attr("href")).isEqualTo("/workshops/weaving");
        assertThat(home.select(".agenda .card .day + .words + *")).isEmpty();
        Scene scene = mock(Scene.class, RETURNS_DEEP_STUBS);
        when(scene.words().language()).thenReturn("de");
        when(scene.localTime()).thenReturn(LocalDateTime.parse("2026-11-23T12:00"));
        HtmlWriter out = new HtmlWriter();
        AgendaDay.write(scene, "2026-12-08T19:00", out);
        AgendaDay.write(scene, "2027-01-08", out);
        Document days = Jsoup.parse(out.html());
        assertThat(days.select("time").eachText())
                .containsExactly("8 Dienstag Dezember 19:00", "8 Freitag Januar 2027");
        assertThat(days.select("time").eachAttr("datetime")).containsExactly("2026-12-08T19:00", "2027-01-08");
    }

    @Test
    void aSectionWithAHeadingOfDisplaySizeOpensThePage() {
        Section opening = section("s1", "S", heading("The sky").with("size", "display"));
        assertThat(page(opening).select("section.opening:not(.pic)")).hasSize(1);
        assertThat(page(opening.with("back", Value.of("picture")).with("picture", Value.of("loom")))
                        .select("section.opening.pic.own"))
                .hasSize(1);
        assertThat(page(section("s1", "S", heading("The sky"))).select("section.opening, section.own"))
                .isEmpty();
    }
}
