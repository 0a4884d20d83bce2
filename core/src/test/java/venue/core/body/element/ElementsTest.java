package venue.core.body.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.property.Property;
import venue.core.model.section.Column;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** Every kind of element and every pattern, as visitors and as managers get them. */
class ElementsTest {

    private static final Media LOOM = Media.picture(
                    "loom", "A loom", new Hash("ab".repeat(32)), "jpg", 1600, 900, List.of(480, 960, 1600))
            .withAlt("A loom", false)
            .withFocal(20, 80);
    private static final Edition SITE = Sites.small().with(List.of(LOOM), List.of());

    static List<ElementKind> kinds() {
        return Elements.all();
    }

    static List<Pattern> patterns() {
        return SITE.patterns().toList();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void anEmptyElementIsLeftOutForVisitorsAndTakesNoRoom(ElementKind kind) {
        Document page = rendered(View.Mode.VISITOR, new Element("e1", kind.key(), Map.of()));
        boolean ofMembers = !kind.states().isEmpty();
        if (!ofMembers
                && !Set.of("divider", "space", "site-index", "search", "rating").contains(kind.key())) {
            assertThat(page.select("#main section")).as(kind.key()).isEmpty();
        }
        assertThat(kind.name()).isNotBlank();
        assertThat(kind.note()).isNotBlank();
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void aPatternIsValidHtmlAndShowsAllItsPrompts(Pattern pattern) {
        View marked = View.of(SITE, Instant.EPOCH, "http://y", View.Mode.MARKED);
        Parser parser = Parser.htmlParser().setTrackErrors(5);
        Document drawn = parser.parseInput(
                PageRenderer.sections(marked, pattern.sections()).html(), "");
        assertThat(parser.getErrors()).isEmpty();
        assertThat(drawn.select("mark.to-fill")).hasSize((int) pattern.toFill());
        assertThat(pattern.group()).isNotBlank();
    }

    @Test
    void whatIsWrittenInTheCardIsDeclaredToo() {
        for (ElementKind kind : Elements.all()) {
            assertThat(kind.properties()).extracting(Property::key).containsAll(kind.inPlace());
            // What is gathered holds no words to write: what it asks for is set beside it.
            assertThat(Set.of("listing", "site-index").contains(kind.key()) ? List.<Property>of() : kind.properties())
                    .filteredOn(p -> ElementKind.WRITTEN.contains(p.type()))
                    .extracting(Property::key)
                    .allMatch(kind.inPlace()::contains);
        }
        assertThat(Elements.require("quote").inPlace()).containsExactly("words", "person");
        assertThat(Elements.require("heading").inPlace()).containsExactly("text");
    }

    @Test
    void aPictureHasItsRenditionsSizeWordsAndFocalPoint() {
        var img = rendered(
                        View.Mode.VISITOR,
                        element("image", Map.of("picture", Value.of("loom"), "link", Value.of("page:weaving"))))
                .select("figure a[href=/workshops/weaving] img");
        assertThat(img.attr("srcset")).contains("-480.jpg 480w", "-1600.jpg 1600w");
        assertThat(img.attr("width")).isEqualTo("1600");
        assertThat(img.attr("alt")).isEqualTo("A loom");
        assertThat(img.attr("class")).isEqualTo("fx2 fy8");
        assertThat(img.attr("fetchpriority") + img.attr("loading"))
                .as("the first of the page")
                .isEqualTo("high");
        assertThat(img.attr("sizes")).isEqualTo("(min-width: 1176px) 1096px, 100vw");
    }

    @Test
    void aButtonThatLeadsNowhereSaysItsWordsAndIsNoLink() {
        Element buttons = element(
                "buttons",
                Map.of(
                        "buttons",
                        new Value.Many(List.of(
                                Map.of("label", Value.of("Go"), "link", Value.of("page:weaving")),
                                Map.of("label", Value.of("Nowhere"), "link", Value.of("page:gone"))))));
        for (View.Mode mode : View.Mode.values()) {
            assertThat(rendered(mode, buttons).select(".button").eachText()).containsExactly("Go", "Nowhere");
            assertThat(rendered(mode, buttons).select("a.button").eachText()).containsExactly("Go");
        }
    }

    @Test
    void questionsFoldOrStandSideBySide() {
        Value questions =
                new Value.Many(List.of(Map.of("question", Value.of("Why?"), "answer", Value.of("<p>Because</p>"))));
        assertThat(rendered(View.Mode.VISITOR, element("questions", Map.of("questions", questions)))
                        .select("details > summary")
                        .text())
                .isEqualTo("Why?");
        assertThat(rendered(
                                View.Mode.VISITOR,
                                element("questions", Map.of("questions", questions, "shape", Value.of("grid"))))
                        .select(".grid h2")
                        .text())
                .isEqualTo("Why?");
    }

    @Test
    void aListingShowsItsPagesAsTheyAreNow() {
        Element listing = element(
                "listing", Map.of("kind", Value.of("standard"), "order", Value.of("title"), "limit", Value.of(2)));
        assertThat(rendered(View.Mode.VISITOR, listing).select(".card a").eachText())
                .as("but for the page it stands on")
                .containsExactly("Loomgate Yard", "Workshops");
        Element none = element("listing", Map.of("kind", Value.of("nothing-of-this")));
        assertThat(rendered(View.Mode.VISITOR, none).select("main section")).isEmpty();
        assertThat(rendered(View.Mode.MARKED, none)
                        .select("main section .to-fill")
                        .text())
                .contains("No kind is chosen yet");
    }

    @Test
    void boundElementsShowThePageAndTheSite() {
        Element bound = element("heading", Map.of("text", new Value.Bound("page.title")));
        assertThat(rendered(View.Mode.VISITOR, bound).select("h2").text()).isEqualTo("Weaving");
        Element fact = element("heading", Map.of("text", new Value.Bound("site.name")));
        assertThat(rendered(View.Mode.VISITOR, fact).select("h2").text()).isEqualTo("Loomgate Yard");
        Element none = element("heading", Map.of("text", new Value.Bound("site.phone")));
        assertThat(rendered(View.Mode.VISITOR, none).select("#main section")).isEmpty();
    }

    @Test
    void anUnknownKindIsRefusedByName() {
        assertThatThrownBy(() -> Elements.require("hologram"))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.fix()).contains("heading"));
    }

    private static Element element(String kind, Map<String, Value> props) {
        return new Element("e1", kind, props);
    }

    private static Document rendered(View.Mode mode, Element element) {
        Section section = Section.empty("s1", "One", List.of(12));
        Section filled = section.withColumns(List.of(new Column("c1", 12, List.of(element))));
        Page page = SITE.require(Page.class, "weaving");
        page = page.withZones(new venue.core.model.section.Zones(Map.of("main", List.of(filled))));
        Edition edition = SITE.with(List.of(page), List.of());
        return Jsoup.parse(PageRenderer.render(View.of(edition, Instant.EPOCH, "http://y", mode), page)
                .html());
    }
}
