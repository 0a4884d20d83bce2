package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Sides;
import venue.core.live.sitemap.Sitemap;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.section.Section;
import venue.core.model.section.SharedSection;
import venue.core.model.section.Zones;
import venue.core.model.template.ZoneRole;

class PageRendererTest {

    private static final String ORIGIN = "http://loomgate.localhost";
    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");

    @Test
    void aPageHasOneH1ItsLandmarksAndItsHead() {
        Document page = page(Sites.small(), "weaving");
        assertThat(page.select("h1").eachText()).containsExactly("Weaving");
        assertThat(page.select("html").attr("lang")).isEqualTo("en-GB");
        assertThat(page.select("main#main, header.top, footer.foot, nav[aria-label=Main], a.skip"))
                .hasSize(5);
        assertThat(page.select("link[rel=canonical]").attr("href")).isEqualTo(ORIGIN + "/workshops/weaving");
        assertThat(page.select("nav.crumbs a").eachText()).containsExactly("Workshops");
        assertThat(page.select("script[src]")).isEmpty();
    }

    @Test
    void whatIsLeftToFillShowsToManagersAlone() {
        Edition site = Sites.after(
                Sites.small(),
                SectionCommand.placeSection("weaving", "main", 0, "x", "three-features", null, List.of()));
        assertThat(page(site, "weaving").select("#main section"))
                .as("not even the rules of a section that is still to fill")
                .hasSize(1);
        assertThat(page(site, "weaving").text()).doesNotContain("Name the first thing");
        Document marked =
                Jsoup.parse(PageRenderer.render(view(site, View.Mode.MARKED), site.require(Page.class, "weaving"))
                        .html());
        assertThat(marked.select("mark.to-fill")).hasSize(6);
        assertThat(marked.select("[data-s=x]")).hasSize(1);
    }

    @Test
    void aFrameWithoutTitleBandTakesItsFirstHeadingAsH1() {
        Edition site = Sites.small();
        Page home = site.require(Page.class, "home");
        var landing = site.require(venue.core.model.template.Template.class, "landing");
        Document page = Jsoup.parse(PageRenderer.renderIn(view(site, View.Mode.VISITOR), home, landing)
                .html());
        assertThat(page.select("h1").eachText()).containsExactly("About Loomgate Yard");
        assertThat(page.select("header")).isEmpty();
    }

    /** A bare frame is the page's alone: what stands on every page stays out of it. */
    @Test
    void aBareFrameHasItsTitleAsH1AndNothingOfEveryPage() {
        Edition site = Sites.small();
        SharedSection everywhere =
                new SharedSection("dark", Compose.section("d1", "Dark", Compose.text("<p>Keep it dark</p>")));
        Edition with =
                site.with(List.of(everywhere, site.site().withFoot(List.of("dark")), bareWords(site)), List.of());
        Page weaving = with.require(Page.class, "weaving");
        assertThat(page(with, "weaving").text()).contains("Keep it dark");
        Document bare = Jsoup.parse(PageRenderer.renderIn(
                        view(with, View.Mode.VISITOR),
                        weaving,
                        with.require(venue.core.model.template.Template.class, "bare"))
                .html());
        assertThat(bare.text()).doesNotContain("Keep it dark");
        assertThat(bare.select("h1").eachText()).containsExactly("Weaving");
    }

    /** A page whose main zone holds no heading. */
    private static Page bareWords(Edition site) {
        return site.require(Page.class, "weaving")
                .withZones(new Zones(
                        Map.of("main", List.of(Compose.section("w1", "Words", Compose.text("<p>Looms</p>"))))));
    }

    @Test
    void aSectionShowsWithinItsDatesOnly() {
        Edition site = Sites.after(
                Sites.small(),
                ValueCommand.setValue("weaving", "weaving-s1", null, "shownFrom", Value.of("2026-12-01T00:00")));
        assertThat(page(site, "weaving").text()).doesNotContain("Looms");
    }

    @Test
    void wordsAreEscapedAndAttacksStayWords() {
        Edition site = Sites.after(
                Sites.small(),
                ValueCommand.setValue(
                        "weaving", "weaving-s1", "e1", "text", Value.of("<img src=x onerror=alert(1)>\"'")));
        Document page = page(site, "weaving");
        assertThat(page.select("#main img")).isEmpty();
        assertThat(page.select("h2").text()).isEqualTo("<img src=x onerror=alert(1)>\"'");
    }

    @Property(tries = 60)
    void onRandomSitesEveryLinkLeadsToAPageAndTheSitemapIsWhatCanBeSeen(@ForAll long seed) {
        Edition site = random(new Random(seed));
        View view = view(site, View.Mode.VISITOR);
        Set<String> served = new HashSet<>();
        site.all(Page.class).filter(view::shows).forEach(p -> served.add(view.path(p)));
        site.all(Page.class).filter(view::shows).forEach(p -> check(view, p, served));
        List<String> listed =
                Sitemap.addresses(view, Map.of()).map(Sitemap.Address::address).toList();
        assertThat(listed)
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(
                        served.stream().map(path -> ORIGIN + path).toList());
    }

    private static void check(View view, Page page, Set<String> served) {
        Document html = Jsoup.parse(PageRenderer.render(view, page).html());
        assertThat(html.select("h1")).hasSize(1);
        assertThat(html.select("link[rel=stylesheet]").attr("href"))
                .isEqualTo(view.style().path());
        for (Element link : html.select("a[href^=/]:not([href=/-/basket])")) {
            assertThat(served).contains(link.attr("href").replaceAll("#.*", ""));
        }
        int level = 1;
        for (Element heading : html.select("main h1, main h2, main h3, main h4, main h5, main h6")) {
            int next = heading.tagName().charAt(1) - '0';
            assertThat(next).as("no level is left out").isLessThanOrEqualTo(level + 1);
            level = next;
        }
    }

    /** A site of twenty pages with patterns, links between them, templates at random and some taken off. */
    private static Edition random(Random chance) {
        Edition site = Sites.small();
        List<String> patterns = site.patterns().map(Pattern::id).sorted().toList();
        for (int i = 0; i < 20; i++) {
            List<String> ids = site.plan().inOrder().toList();
            String id = "p" + i;
            String parent = chance.nextBoolean() ? null : ids.get(chance.nextInt(ids.size()));
            site = Sites.after(
                    site,
                    NewPages.one("standard", id, "Page " + chance.nextInt(9))
                            .beneath(parent)
                            .inMenus(chance.nextInt(4) == 0 ? List.of("main") : List.of())
                            .made());
            site = Sites.after(
                    site,
                    PageCommand.chooseTemplate(
                            List.of(id), List.of("plain", "wide", "side-column").get(chance.nextInt(3))));
            site = Sites.after(
                    site,
                    SectionCommand.placeSection(
                            id, "main", 0, "x", patterns.get(chance.nextInt(patterns.size())), null, List.of()));
            String link = "<p>See <a href=\"page:" + ids.get(chance.nextInt(ids.size()))
                    + "\">this</a></p><h3>More</h3><p>x</p>";
            String first =
                    site.require(Page.class, id).zones().in("main").get(1).id();
            if (site.require(Page.class, id)
                    .zones()
                    .in("main")
                    .get(1)
                    .element("e2")
                    .filter(e -> e.kind().equals("text"))
                    .isPresent()) {
                site = Sites.after(site, ValueCommand.setValue(id, first, "e2", "text", Value.of(link)));
            }
            if (chance.nextInt(6) == 0) {
                site = Sites.after(site, PageCommand.withdrawPage(id, true));
            }
        }
        return site;
    }

    private static View view(Edition site, View.Mode mode) {
        return View.of(site, NOW, ORIGIN, mode);
    }

    private static Document page(Edition site, String id) {
        return Jsoup.parse(PageRenderer.render(view(site, View.Mode.VISITOR), site.require(Page.class, id))
                .html());
    }

    @Test
    void theFootHasAColumnForEachLineWithLinesBeneathAndTheOthersInItsClosingLine() {
        Line deep = Line.toPage("f1", "workshops").withBeneath(List.of(Line.toPage("f2", "weaving")));
        Line plain = Line.toPage("f3", "home");
        Edition site = Sites.small();
        Edition both = site.with(
                List.of(
                        new Menu("foot", "Foot", List.of(deep, plain)),
                        site.site().with("tagline", Value.of("Cloth"))),
                List.of());
        Document page = page(both, "home");
        assertThat(page.select(".foot nav .columns > li > a").text()).isEqualTo("Workshops");
        assertThat(page.select(".foot .columns li li a").attr("href")).isEqualTo("/workshops/weaving");
        assertThat(page.select(".foot .closing a[aria-current=page]")).hasSize(1);
        assertThat(page.select(".foot nav")).hasSize(1);
        assertThat(page.select(".foot .who p").text()).isEqualTo("Cloth");
    }

    @Test
    void columnsBesideTheContentAreAsThePageSaysThenItsKindThenItsTemplate() {
        Section beside = Sites.page("x", null, 1, "Beside", "<p>Weather</p>")
                .zones()
                .all()
                .findFirst()
                .orElseThrow()
                .with("foot", Value.of("left"));
        Edition small = Sites.small();
        Edition site = small.with(
                List.of(new SharedSection("beside", beside), small.site().withFoot(List.of("beside"))), List.of());
        assertThat(page(site, "weaving").select("aside.side, main .s:contains(Weather)"))
                .as("no column, and so nothing in it")
                .isEmpty();
        Edition kinds = Sites.after(site, ValueCommand.setValue("standard", null, null, "sides", Value.of("both")));
        Document both = page(kinds, "weaving");
        assertThat(both.select(".page.has-left > aside.side").text()).contains("Weather");
        assertThat(both.select(".has-right")).as("an empty one takes no room").isEmpty();
        assertThat(Sides.unseen(kinds, kinds.require(Page.class, "weaving")).empty())
                .containsExactly(ZoneRole.RIGHT);
        Edition bare = Sites.after(kinds, ValueCommand.setValue("standard", null, null, "band", Value.of("none")));
        assertThat(page(bare, "weaving").select(".band")).isEmpty();
        assertThat(page(bare, "weaving").select("h1"))
                .as("its title stands elsewhere")
                .hasSize(1);
        Edition own = Sites.after(kinds, ValueCommand.setValue("weaving", null, null, "sides", Value.of("none")));
        assertThat(page(own, "weaving").select("aside.side")).isEmpty();
        assertThat(page(own, "home").select("aside.side")).hasSize(1);
    }
}
