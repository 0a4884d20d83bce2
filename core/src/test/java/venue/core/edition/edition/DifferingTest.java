package venue.core.edition.edition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.change.edit.look.LookCommand;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.theme.Files;
import venue.core.model.theme.Look;
import venue.core.model.theme.StyleSheet;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

class DifferingTest {

    private final Edition site = Sites.after(
            Sites.after(
                    Sites.small(), ValueCommand.setValue("weaving", null, null, "theme.bandTone", Value.of("accent"))),
            ValueCommand.setValue("weaving", null, null, "theme.colourAccent", Value.of("#2F6F4F")));

    private static Document page(Edition site, String id) {
        View view =
                View.of(site, Instant.parse("2026-11-27T12:00:00Z"), "http://loomgate.localhost", View.Mode.VISITOR);
        return Jsoup.parse(
                PageRenderer.render(view, site.require(Page.class, id)).html());
    }

    private static String style(Document page) {
        return page.select("link[rel=stylesheet]").attr("href");
    }

    @Test
    void aPageIsShownInItsOwnLookAndAllOthersInTheThemes() {
        assertThat(page(site, "weaving").select(".band.t-accent")).hasSize(1);
        assertThat(page(site, "home").select(".band.t-accent")).isEmpty();
        assertThat(style(page(site, "home")))
                .isEqualTo(StyleSheet.of(site.theme(), Files.NONE).path());
        String own = style(page(site, "weaving"));
        StyleSheet served = Differing.find(site, StyleSheet.lookAt(own).orElseThrow())
                .map(l -> StyleSheet.of(l, Files.NONE))
                .orElseThrow();
        assertThat(served.path()).as("its stylesheet is found by its address").isEqualTo(own);
        assertThat(served.css()).containsIgnoringCase("#2F6F4F");
        assertThat(Differing.pages(site)).extracting(Page::id).containsExactly("weaving");
    }

    @Test
    void whatDiffersStaysInAnotherLookAndGoesOneByOne() {
        Edition pressed = Sites.after(site, LookCommand.wearLook("press"));
        Page weaving = pressed.require(Page.class, "weaving");
        assertThat(Differing.look(pressed, weaving).text("bandTone")).isEqualTo("accent");
        assertThat(Differing.look(pressed, weaving).text("headingFont"))
                .isEqualTo(pressed.theme().text("headingFont"));
        Edition one = Sites.after(site, ValueCommand.setValue("weaving", null, null, "theme.bandTone", null));
        assertThat(Differing.of(one.require(Page.class, "weaving"))).containsOnlyKeys("colourAccent");
        Edition given = Sites.after(site, PageCommand.takeFromPage(List.of("workshops"), "weaving", "theme"));
        assertThat(Differing.of(given.require(Page.class, "workshops")))
                .isEqualTo(Differing.of(site.require(Page.class, "weaving")));
    }

    @Test
    void aKindDiffersForAllItsPagesThatSayNothingThemselvesAndHasOneStylesheet() {
        Edition kind =
                Sites.after(site, ValueCommand.setValue("standard", null, null, "theme.bandVoice", Value.of("label")));
        assertThat(Differing.kinds(kind)).extracting(Kind::id).containsExactly("standard");
        assertThat(Differing.following(site)).isEqualTo(2);
        assertThat(Differing.following(kind)).isZero();
        String shared = style(page(kind, "home"));
        assertThat(shared).isEqualTo(style(page(kind, "workshops"))).isNotEqualTo(style(page(site, "home")));
        Look found =
                Differing.find(kind, StyleSheet.lookAt(shared).orElseThrow()).orElseThrow();
        assertThat(StyleSheet.of(found, Files.NONE).css()).contains(".band h1{font-family:var(--label);}");
        assertThat(Differing.look(kind, kind.require(Page.class, "weaving")).settings())
                .containsEntry("bandVoice", Value.of("label"))
                .containsEntry("bandTone", Value.of("accent"));
        assertThatThrownBy(() -> Sites.after(
                        site, ValueCommand.setValue("standard", null, null, "theme.bandPicture", Value.of("x"))))
                .as("a kind names no file")
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("unknown-property"));
    }

    @Test
    void whatTheThemeHasNotAPageCantHaveEither() {
        assertThatThrownBy(() ->
                        Sites.after(site, ValueCommand.setValue("weaving", null, null, "theme.moon", Value.of("full"))))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("unknown-property"));
        assertThatThrownBy(() -> Sites.after(
                        site, ValueCommand.setValue("weaving", null, null, "theme.colourAccent", Value.of("greenish"))))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("wrong-value"));
    }
}
