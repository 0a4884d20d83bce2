package venue.core.show.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.Apart;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;

/** One thing apart from the others of its sort, and what is not there from the beginning. */
class ApartTest {

    private static final Instant NOW = Instant.parse("2026-11-23T12:00:00Z");
    private static final Edition SITE = Sites.small().with(List.of(picture("one"), picture("two")), List.of());

    private static Media picture(String id) {
        return Media.picture(
                id, id, new Hash((id + "0".repeat(64)).substring(0, 64)), "jpg", 800, 600, List.of(480, 800));
    }

    private static Section section(Object... settings) {
        Section section = Compose.section("apart", "Apart", Compose.text("<p>Words</p>"));
        for (int i = 0; i < settings.length; i += 2) {
            Object value = settings[i + 1];
            section = section.with((String) settings[i], value instanceof Value v ? v : Value.of((String) value));
        }
        return section;
    }

    private static Rendered rendered(Edition site, Section section, View.Mode mode) {
        Page weaving = site.require(Page.class, "weaving");
        Page page = weaving.withTemplate(weaving.template(), new Zones(Map.of("main", List.of(section))), List.of());
        View view = View.of(site.with(List.of(page), List.of()), NOW, "http://loomgate.localhost", mode);
        return PageRenderer.render(view, page);
    }

    private static Document page(Section section) {
        return Jsoup.parse(rendered(SITE, section, View.Mode.VISITOR).html());
    }

    @Test
    void aColumnWearsAToneOrAColourOfItsOwn() {
        Section deep =
                section().withColumn("c1", "ground", Value.of("deep")).withColumn("c1", "corners", Value.of("rounded"));
        assertThat(page(deep).select("#main .col").attr("class"))
                .isEqualTo("col w12 apart t-deep cp-medium cr-rounded");
        Section coloured = section()
                .withColumn("c1", "ground", Value.of("colour"))
                .withColumn("c1", "groundColour", Value.of("#FFEEDD"));
        assertThat(rendered(SITE, coloured, View.Mode.VISITOR).ownStyles()).contains("{background:#FFEEDD}");
        assertThat(page(section()).select(".apart")).isEmpty();
    }

    @Test
    void whatIsApartIsListedAndGoesBackInOneStep() {
        Element buttons = new Element(
                "b",
                "buttons",
                Map.of("buttons", new Value.Many(List.of(Map.of("label", Value.of("Go"), "tone", Value.of("deep"))))));
        Section apart = section("cards", "raised", "tone", "deep").withColumn("c1", "ground", Value.of("deep"));
        apart = apart.withColumns(List.of(apart.columns().get(0).withElements(List.of(buttons))));
        Page weaving = SITE.require(Page.class, "weaving");
        Edition site = SITE.with(
                List.of(weaving.withTemplate(weaving.template(), new Zones(Map.of("main", List.of(apart))), List.of())),
                List.of());
        assertThat(Apart.first(site, 0).all()).as("counted, if not named").isEqualTo(1);
        assertThat(apart(site))
                .singleElement()
                .satisfies(a -> assertThat(a.what()).containsExactly("cards", "a column", "button row"));
        Section said = section("cards", "theme").withColumn("c1", "ground", Value.of("none"));
        assertThat(apart(SITE.with(
                        List.of(weaving.withTemplate(
                                weaving.template(), new Zones(Map.of("main", List.of(said))), List.of())),
                        List.of())))
                .as("saying that it is as the theme has it")
                .isEmpty();
        assertThat(page(apart).select(".as-raised")).hasSize(1);
        assertThat(page(apart).select("head style").first().data())
                .isEqualTo(rendered(SITE, apart, View.Mode.VISITOR).ownStyles())
                .contains(":is(.as-raised,.as-raised :not([class*=\" as-\"]))>.col");
        Edition back = Sites.after(site, ValueCommand.asTheme("weaving", "apart"));
        assertThat(apart(back)).isEmpty();
        Section left =
                back.require(Page.class, "weaving").body().require("apart").section();
        assertThat(left.settings()).containsOnlyKeys("tone");
        assertThat(left.elements().flatMap(e -> e.props().values().stream()))
                .containsExactly(new Value.Many(List.of(Map.of("label", Value.of("Go")))));
    }

    @Test
    void aButtonAndAnElementAloneAreApart() {
        Element buttons = new Element(
                "b",
                "buttons",
                Map.of(
                        "buttons",
                        new Value.Many(List.of(Map.of(
                                "label",
                                Value.of("Go"),
                                "link",
                                Value.of("page:workshops"),
                                "tone",
                                Value.of("deep"),
                                "corners",
                                Value.of("square")))),
                        "reveal",
                        Value.of("rise"),
                        "delayMs",
                        Value.of(200)));
        Section section = section();
        Document page =
                page(section.withColumns(List.of(section.columns().get(0).withElements(List.of(buttons)))));
        assertThat(page.select(".buttons.rv.rv-rise > a.button").attr("class")).isEqualTo("button t-deep kb-square");
        assertThat(page.select("script[src=" + Head.SCRIPT + "]")).hasSize(1);
    }

    @Test
    void aSectionWaitsOrIsOpenedAndManagersSeeItOpen() {
        Document waits = page(section("appears", "seconds", "appearsAfter", Value.of(9)));
        assertThat(waits.select("section[data-after=9]")).hasSize(1);
        Section asked = section("appears", "asked", "appearsBy", "Who pays for it?");
        assertThat(page(asked).select("details.opens:not([open]) > summary").text())
                .isEqualTo("Who pays for it?");
        assertThat(page(section("appears", "asked")).select("summary").text()).isEqualTo("Show more");
        Document marked = Jsoup.parse(rendered(SITE, asked, View.Mode.MARKED).html());
        assertThat(marked.select("details.opens[open] .text")).hasSize(1);
    }

    @Test
    void picturesTakeTurnsWhereThereAreSeveralAndTheControlsWaitForAScript() {
        Value two = new Value.Many(List.of(Map.of("picture", Value.of("one")), Map.of("picture", Value.of("two"))));
        Document page = page(section("back", "turns", "turns", two, "turnsEvery", Value.of(5)));
        assertThat(page.select(".back.turns img")).hasSize(2);
        assertThat(page.select(".turning[hidden][data-every=5] button").eachAttr("aria-label"))
                .containsExactly("The picture before", "The next picture", "Stop taking turns", "Go on");
        Value one = new Value.Many(List.of(Map.of("picture", Value.of("one"))));
        assertThat(page(section("back", "turns", "turns", one)).select(".turning"))
                .isEmpty();
    }

    @Test
    void aTemplateSaysHowItsPagesStandInTheWindow() {
        Template worn = SITE.worn(SITE.require(Page.class, "weaving")).template();
        Edition bare =
                SITE.with(List.of(worn.with("sheet", Value.of("bare")).with("sheetEdge", Value.of(40))), List.of());
        Rendered page = rendered(bare, section(), View.Mode.VISITOR);
        assertThat(Jsoup.parse(page.html()).body().classNames()).contains("fr-bare");
        assertThat(page.ownStyles()).contains("{--bare:40px}");
        Edition edges = SITE.with(List.of(worn.with("sheet", Value.of("edges"))), List.of());
        assertThat(Jsoup.parse(rendered(edges, section(), View.Mode.VISITOR).html())
                        .body()
                        .className())
                .isEqualTo("fr-edges");
    }

    @Test
    void theTitleBandHasABackgroundOfTheLooks() {
        for (Map.Entry<String, String> each : Map.of(
                        "gradient", ".band.g.gf-own",
                        "texture", ".band.tx.tx-dots",
                        "tile", ".band.tile",
                        "picture", ".band.pictured .back.looks img")
                .entrySet()) {
            Edition site = SITE.with(
                    List.of(SITE.theme()
                            .with("bandBack", Value.of(each.getKey()))
                            .with("bandPicture", Value.of("one"))),
                    List.of());
            Document page =
                    Jsoup.parse(rendered(site, section(), View.Mode.VISITOR).html());
            assertThat(page.select(each.getValue())).as(each.getKey()).hasSize(1);
        }
    }

    @Test
    void theTitleBandNamesThePersonWhereTheKindHasSuchAField() {
        Page weaving = SITE.require(Page.class, "weaving").withField("person", Value.of("Ada Heddle"));
        Kind kind = SITE.require(Kind.class, weaving.kind());
        List<Property> form = Stream.concat(
                        kind.fields().stream(), Stream.of(Property.of("person", "Person", PropertyType.WORDS)))
                .toList();
        Edition site = SITE.with(
                List.of(
                        weaving,
                        kind.withFields(form, kind.putAway()),
                        SITE.theme().with("bandPerson", Value.of(true))),
                List.of());
        Document page = Jsoup.parse(rendered(site, section(), View.Mode.VISITOR).html());
        assertThat(page.select(".band .under").text()).isEqualTo("Ada Heddle");
        assertThat(page(section()).select(".band .under")).isEmpty();
    }

    @Test
    void whatIsSetOfAColumnIsHeldToItsDeclaration() {
        String page = SITE.require(Page.class, "weaving").id();
        Section first =
                SITE.require(Page.class, "weaving").zones().all().findFirst().orElseThrow();
        String column = first.columns().get(0).id();
        Edition after =
                Sites.after(SITE, ValueCommand.setColumnValue(page, first.id(), column, "ground", Value.of("tinted")));
        assertThat(after.require(Page.class, page)
                        .zones()
                        .require(first.id())
                        .section()
                        .columns()
                        .get(0)
                        .settings())
                .containsEntry("ground", Value.of("tinted"));
        assertThatThrownBy(() -> Sites.after(
                        SITE, ValueCommand.setColumnValue(page, first.id(), "c99", "ground", Value.of("tinted"))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("c99");
        assertThatThrownBy(() -> Sites.after(
                        SITE, ValueCommand.setColumnValue(page, first.id(), column, "ground", Value.of("pink"))))
                .isInstanceOf(Refusal.class);
    }

    private static List<Apart> apart(Edition edition) {
        return Apart.first(edition, 9).first();
    }
}
