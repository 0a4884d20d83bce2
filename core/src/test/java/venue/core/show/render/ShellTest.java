package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.change.edit.site.SiteCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.MediaUse;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.site.Site;

/** What stands around a page's sections: what the site says there in any look, and how the look shows it. */
class ShellTest {

    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");

    private static Edition saying(Map<String, Value> facts) {
        Edition small = Sites.small();
        Site site = small.site();
        for (var fact : facts.entrySet()) {
            site = site.with(fact.getKey(), fact.getValue());
        }
        return small.with(List.of(site), List.of());
    }

    private static Edition wearing(Edition site, String key, Value value) {
        return site.with(List.of(site.theme().with(key, value)), List.of());
    }

    private static Document page(Edition site) {
        View view = View.of(site, NOW, "http://loomgate.localhost", View.Mode.VISITOR);
        return Jsoup.parse(
                PageRenderer.render(view, site.require(Page.class, "weaving")).html());
    }

    private static Map<String, Value> notice(String words, String... more) {
        Map<String, Value> notice = new HashMap<>(Map.of("words", Value.of(words)));
        for (int i = 0; i < more.length; i += 2) {
            notice.put(more[i], Value.of(more[i + 1]));
        }
        return notice;
    }

    @Test
    void noticesShowInTheirTimeAndAsTheLookHasThem() {
        Edition site = saying(Map.of(
                "notices",
                new Value.Many(List.of(
                        notice("Over", "until", "2026-11-22"),
                        notice("Today", "until", "2026-11-23", "link", "page:workshops", "tone", "accent"),
                        notice("Also", "from", "2026-11-23"),
                        notice("Not yet", "from", "2026-11-24")))));
        Document page = page(site);
        assertThat(page.select(".notices .notice p").eachText()).containsExactly("Today", "Also");
        assertThat(page.select(".notice.t-accent a").attr("href")).isEqualTo("/workshops");
        assertThat(page.select(".notice.t-deep")).hasSize(1);
        assertThat(page.select(".notices .away[hidden]"))
                .as("a script shows what needs one")
                .hasSize(2);
        assertThat(page.select(".notices > script").attr("src")).isEqualTo(Head.NOTICES);
        assertThat(page.select(".stop")).isEmpty();
        assertThat(page(wearing(site, "noticeShape", Value.of("first")))
                        .select(".notice p")
                        .eachText())
                .containsExactly("Today");
        assertThat(page(wearing(site, "noticeShape", Value.of("turn"))).select(".notices.turn .stop"))
                .hasSize(1);
    }

    @Test
    void aNoticeThatStaysNeedsNoScript() {
        Map<String, Value> staying = notice("Closed on Monday");
        staying.put("away", Value.of(false));
        Document page = page(saying(Map.of("notices", new Value.Many(List.of(staying)))));
        assertThat(page.select(".notice p").text()).isEqualTo("Closed on Monday");
        assertThat(page.select("script[src], .notices button")).isEmpty();
        assertThat(page(Sites.small()).select(".notices")).isEmpty();
    }

    @Test
    void theHeaderAsksOnlyForWhatCanBeOpened() {
        Value words = Value.of("Book a loom");
        Document page = page(saying(Map.of("act", words, "actLink", Value.of("page:workshops"))));
        assertThat(page.select("header .in > .tools .button.strong").attr("href"))
                .isEqualTo("/workshops");
        assertThat(page.select("header nav .tools .button").text()).isEqualTo("Book a loom");
        assertThat(page(saying(Map.of("act", words, "actLink", Value.of("page:nowhere"))))
                        .select(".tools"))
                .isEmpty();
        assertThat(page(saying(Map.of("act", words))).select(".tools")).isEmpty();
        Edition social = saying(Map.of("social", Value.of("Letters https://letters.example")));
        assertThat(page(wearing(social, "headerSocial", Value.of(true))).select("header .in > .tools .social a"))
                .hasSize(1);
        assertThat(page(social).select(".tools")).isEmpty();
    }

    @Test
    void theNameStandsInWordsUntilThereIsALogo() {
        assertThat(page(Sites.small()).select("header .name").text()).isEqualTo("Loomgate Yard");
        assertThat(page(saying(Map.of("logo", Value.of("lost"))))
                        .select("header .name")
                        .text())
                .as("a logo that is gone")
                .isEqualTo("Loomgate Yard");
        Edition filed = saying(Map.of("logo", Value.of("plan")))
                .with(List.of(Media.file("plan", "Plan", new Hash("b".repeat(64)), "pdf", 9)), List.of());
        assertThat(page(filed).select("header .name").text())
                .as("a file that is no picture")
                .isEqualTo("Loomgate Yard");
        Edition site = saying(Map.of("closingWords", Value.of("Run by its weavers"), "logo", Value.of("mark")));
        Edition pictured = site.with(
                List.of(Media.picture("mark", "Mark", new Hash("a".repeat(64)), "png", 800, 200, List.of(480, 800))),
                List.of());
        assertThat(MediaUse.of(pictured, "mark")).as("it is in use").containsExactly(pictured.site());
        assertThat(pictured.site().withoutFacts().facts())
                .as("another site says its own, in the same places")
                .containsOnlyKeys("headerMenu", "footMenu");
        Document page = page(pictured);
        assertThat(page.select("header .name img.logo").attr("alt")).isEqualTo("Loomgate Yard");
        assertThat(page.select("header .name img.logo").attr("src")).contains("480");
        assertThat(page.select(".foot .closing p").text()).isEqualTo("Run by its weavers");
    }

    @Test
    void theFooterHasColumnsOfItsOwnOnceTheyAreArrangedOnThePagesThatAreMeant() {
        Edition site = Sites.after(
                saying(Map.of(
                        "closingWords",
                        Value.of("Run by its weavers"),
                        "footMenu",
                        Value.of("main"),
                        "tagline",
                        Value.of("Cloth"))),
                SiteCommand.arrangeFooter("columns"));
        Document page = page(site);
        assertThat(page.select(".foot .who")).isEmpty();
        assertThat(page.select(".foot .cols > .col"))
                .as("the column that shows nothing yet is left out")
                .hasSize(2);
        assertThat(page.select(".foot .cols .menu-lines a").text()).isEqualTo("Workshops");
        assertThat(page.select(".foot .cols").text()).contains("Loomgate Yard", "Cloth");
        assertThat(page.select(".foot .closing p").text()).isEqualTo("Run by its weavers");
        assertThat(page.select("main .cols").text()).as("not above it too").doesNotContain("Cloth");
        assertThatThrownBy(() -> Sites.after(site, SiteCommand.arrangeFooter("more")))
                .hasMessageContaining("columns of its own already");

        Edition home = Sites.after(site, ValueCommand.setValue("columns", "s1", null, "onPages", Value.of("home")));
        assertThat(page(home).select(".foot .who"))
                .as("others have the usual one")
                .hasSize(1);
        Edition above = Sites.after(site, ValueCommand.setValue("columns", "s1", null, "foot", Value.of("above")));
        assertThat(page(above).select("main .cols").text()).contains("Cloth");
    }

    @Test
    void thePictureThatStandsForTheSiteIsNamedInTheSizesThatAreAskedFor() {
        assertThat(page(saying(Map.of())).select("link[rel=icon]").attr("href")).startsWith("/-/mark/");
        Edition site = saying(Map.of("icon", Value.of("mark")))
                .with(
                        List.of(Media.picture(
                                "mark", "Mark", new Hash("a".repeat(64)), "png", 800, 600, List.of(480, 800))),
                        List.of());
        SiteIcon icon = SiteIcon.of(site).orElseThrow();
        Document page = page(site);
        assertThat(page.select("link[rel=icon]").attr("href")).isEqualTo(icon.path(32));
        assertThat(icon.sizeAt(page.select("link[rel=apple-touch-icon]").attr("href")))
                .contains(180);
        assertThat(page.select("link[rel=manifest]").attr("href")).isEqualTo(icon.manifestPath());
        assertThat(icon.manifest().get("icons").toString()).contains(icon.path(192), icon.path(512));
        Edition drawn = saying(Map.of("icon", Value.of("mark")))
                .with(
                        List.of(Media.picture("mark", "Mark", new Hash("a".repeat(64)), "svg", 40, 40, List.of(40))),
                        List.of());
        assertThat(page(drawn).select("link[rel=icon][type=image/svg+xml]").attr("href"))
                .endsWith(".svg");
        assertThat(SiteIcon.of(drawn).orElseThrow().manifest().get("icons").toString())
                .contains("sizes=any");
    }
}
