package venue.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import venue.core.basics.fault.Refusal;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.theme.Look;
import venue.core.show.letter.Letter;
import venue.core.show.render.View;

/** Every page of the demo is a letter that mail readers can show, in every look, within what they know. */
class DemoLettersTest {

    private static final Edition SITE = Edition.of(KestrelMoor.items(LocalDate.parse("2026-11-28")));
    private static final String ORIGIN = "https://" + KestrelMoor.HOST;
    private static final Letter.Around AROUND = new Letter.Around("News & <more>", "First line\n\nSecond <b>line");
    /** What mail readers show alike. */
    private static final Set<String> TAGS = Set.of(
            "html", "head", "meta", "title", "style", "body", "div", "table", "tbody", "tr", "td", "th", "h1", "h2",
            "h3", "h4", "p", "a", "img", "strong", "em", "br", "ul", "ol", "li", "#root");

    private static final List<String> UNKNOWN = List.of(
            "flex",
            "grid",
            "position",
            "float",
            "var(",
            "calc(",
            "background-image",
            "url(",
            "rem",
            "vw",
            "transform",
            "animation",
            "@font-face",
            "@import",
            "margin:-");

    private static View view(Look look) {
        Edition worn = SITE.with(List.of(SITE.site().withLook(look.id())), Set.of());
        return View.of(worn, Instant.parse("2026-11-28T12:00:00Z"), ORIGIN, View.Mode.VISITOR)
                .seenBy(Visitor.STRANGER);
    }

    private static Stream<Page> open(Edition edition) {
        return edition.all(Page.class)
                .filter(p -> edition.plan().isShown(p.id()) && Gates.of(edition).opens(p, Visitor.STRANGER));
    }

    @Test
    void everyPageInEveryLookHoldsTheRulesOfMailReaders() {
        SITE.all(Look.class).forEach(look -> {
            View view = view(look);
            open(view.edition()).forEach(page -> held(Letter.ofPage(view, page, AROUND), look.id() + " " + page.id()));
            Page news = view.edition().page("news").orElseThrow();
            Letter newest = Letter.ofNewest(view, news, "", LocalDate.parse("2026-07-01"), AROUND);
            assertThat(newest.told()).as(look.id()).isEqualTo(4);
            held(newest, look.id() + " newest");
        });
    }

    private static void held(Letter letter, String which) {
        Document html = Jsoup.parse(letter.html());
        assertThat(html.getAllElements())
                .as(which)
                .extracting(Element::normalName)
                .allMatch(TAGS::contains);
        assertThat(html.select("[class], [id]").not("[style]").not("[class=p]"))
                .as(which + ": what a class says alone is lost")
                .isEmpty();
        String styles = String.join(";", html.select("[style]").eachAttr("style"))
                + html.select("style").html();
        assertThat(UNKNOWN).as(which).noneMatch(styles::contains);
        assertThat(html.select("[style*=width]").eachAttr("style"))
                .as(which)
                .noneMatch(s -> s.matches(".*width:(6[1-9]\\d|[7-9]\\d\\d|\\d{4,})px.*"));
        assertThat(html.select("table").not("[role=presentation]").select("table table"))
                .as(which)
                .isEmpty();
        html.select("img").forEach(i -> {
            assertThat(i.attr("src")).as(which).startsWith(ORIGIN + "/-/media/").doesNotEndWith(".svg");
            assertThat(i.hasAttr("alt") && Integer.parseInt(i.attr("width")) <= 536)
                    .as(which)
                    .isTrue();
        });
        assertThat(html.select("a").eachAttr("href")).as(which).allMatch(h -> h.matches("(https?|mailto|tel):.+"));
        assertThat(html.select("h1")).as(which).hasSize(1);
        assertThat(html.select("a[href=" + Letter.LEAVE + "]")).as(which).hasSize(1);
        assertThat(letter.html().length()).as(which).isLessThan(Letter.LONGEST);
        assertThat(letter.html()).as(which).contains("Second &lt;b&gt;line").contains("color-scheme");
        assertThat(letter.plain()).as(which).contains(Letter.LEAVE).doesNotContain("</", "&amp;");
        assertThat(letter.plain().lines().filter(l -> l.contains(" ") && !l.contains("://")))
                .as(which)
                .allMatch(l ->
                        l.strip().length() <= 76 || !l.strip().substring(0, 77).contains(" "));
    }

    @Test
    void byNightAllThatIsSaidIsSaidInAColourOfTheNight() {
        Letter letter = Letter.ofPage(
                view(SITE.theme()),
                SITE.page("great-hulme").or(() -> SITE.page("visit")).orElseThrow(),
                AROUND);
        Document html = Jsoup.parse(letter.html());
        assertThat(letter.html()).contains(Letter.BY_NIGHT + "{");
        assertThat(html.select(".t-plain [style*=color], .t-tinted [style*=color]")
                        .not("[style*=background-color]"))
                .as("what has a colour by day has one by night")
                .allMatch(e -> e.is(".h, .q, .a, .x, .l") || e.parent().hasAttr("bgcolor"));
        assertThatThrownBy(() -> Letter.ofNewest(
                        view(SITE.theme()),
                        SITE.page("visit").orElseThrow(),
                        "none",
                        LocalDate.parse("2026-07-01"),
                        AROUND))
                .isInstanceOf(Refusal.class);
    }
}
