package venue.core.show.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.basket.Basket;
import venue.core.body.form.BasketField;
import venue.core.body.form.FieldKinds;
import venue.core.body.form.Filling;
import venue.core.body.form.Mistake;
import venue.core.body.form.Posted;
import venue.core.body.form.ReadyForms;
import venue.core.body.form.Sending;
import venue.core.body.form.VisitorFacts;
import venue.core.check.survey.WareFindings;
import venue.core.edition.edition.Edition;
import venue.core.model.entry.Entry;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Zones;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** What can be taken along, what is refused of an order, and what the survey finds. */
class WaresTest {

    private Edition site;
    private Form form;

    private static Kind kind(String unit) {
        return Kind.named(
                        "thing",
                        "Thing",
                        "",
                        List.of(
                                Property.of("price", "Price", PropertyType.NUMBER)
                                        .unit(unit)
                                        .listed(),
                                Property.of("left", "Left", PropertyType.NUMBER)))
                .with("pageless", Value.of(true))
                .with("takenAlong", Value.of(true));
    }

    private static Entry thing(String id, Map<String, Value> fields) {
        return new Entry(id, "The " + id, "thing", 1, fields);
    }

    private static Value price(String amount) {
        return new Value.Num(new BigDecimal(amount));
    }

    @BeforeEach
    void shop() {
        Form ready = ReadyForms.find("form-order").orElseThrow().copy("order", "Order");
        form = FieldKinds.check(ready.asking(ready.fields().stream()
                .map(f -> BasketField.in(ready).equals(java.util.Optional.of(f)) ? f.with("suggests", "thing") : f)
                .toList()));
        Page page = Sites.small()
                .require(Page.class, "weaving")
                .withZones(new Zones(Map.of(
                        "main",
                        List.of(
                                section("s1", "S", part("form").with("form", "order")),
                                section("s2", "L", part("listing").with("kind", "thing"))))));
        site = Sites.small()
                .with(
                        List.of(
                                kind("GBP"),
                                form,
                                page,
                                thing("torch", Map.of("price", price("9.5"), "left", Value.of(3))),
                                thing("mug", Map.of("price", price("11"))),
                                thing("blanket", Map.of("price", price("48"), "left", Value.of(0))),
                                thing("wheel", Map.of())),
                        List.of());
    }

    private View view() {
        return View.of(site, Instant.EPOCH, "http://y", View.Mode.VISITOR).telling(VisitorFacts.NONE);
    }

    private Page page() {
        return site.require(Page.class, "weaving");
    }

    private Document drawn(View view) {
        return Jsoup.parse(PageRenderer.render(view, page()).html());
    }

    private FormField field() {
        return BasketField.in(form).orElseThrow();
    }

    private Filling filling() {
        return new Filling(form, view().offering(page(), Locale.UK));
    }

    private Phrase wrong(String line, String amount) {
        Posted posted = new Posted(Map.of("basket", List.of(line), BasketField.amount(field()), List.of(amount)));
        Mistake mistake = filling().check(posted).mistakes().get("basket");
        return mistake == null ? Phrase.FORM_SENT : mistake.phrase();
    }

    @Test
    void onlyWhatCanBeHadAtThePriceThatWasShownIsOrdered() {
        assertThat(wrong("torch 1 9.50 GBP", "3")).isEqualTo(Phrase.FORM_SENT);
        assertThat(wrong("torch 1 9.50 GBP", "4")).isEqualTo(Phrase.BASKET_LEFT);
        assertThat(wrong("mug 1 11.00 GBP", "100")).isEqualTo(Phrase.BASKET_MOST);
        assertThat(wrong("torch 1 0.01 GBP", "1")).isEqualTo(Phrase.BASKET_PRICE);
        assertThat(wrong("torch 1 9.50 JPY", "1")).isEqualTo(Phrase.BASKET_PRICE);
        assertThat(wrong("blanket 1 48.00 GBP", "1")).isEqualTo(Phrase.BASKET_GONE);
        assertThat(wrong("weaving 1 1.00 GBP", "1")).isEqualTo(Phrase.BASKET_GONE);
        assertThat(wrong("torch 1 9.50 GBP", "0")).isEqualTo(Phrase.BASKET_EMPTY);
        assertThat(wrong("torch -1 9.50 GBP", "x")).isEqualTo(Phrase.BASKET_EMPTY);
    }

    @Test
    void anOrderSaysItsLinesAsTheyWere() {
        Posted posted = new Posted(Map.of(
                "basket",
                List.of("torch 1 9.50 GBP", "mug 1 11.00 GBP"),
                BasketField.amount(field()),
                List.of("2", "1"),
                BasketField.note(field()),
                List.of("", "<b>blue</b>")));
        Filling.Said said = filling().said(filling().check(posted).values()).get(0);
        assertThat(said.words())
                .isEqualTo("Sum: £30.00\n2 × The torch, £9.50 = £19.00\n1 × The mug, £11.00 = £11.00 (<b>blue</b>)");
        assertThat(BasketField.basket(said.value().lines().toList()).sums()).hasToString("[30.00 GBP]");
    }

    @Test
    void pagesAreTheSameForEverybodyAndAVisitorsOwnTellsWhatChanged() {
        Document plain = drawn(view());
        assertThat(plain.select(".card .take:not(.sold-out) [name=-take]").eachAttr("value"))
                .containsExactlyInAnyOrder("torch", "mug");
        assertThat(plain.select(".card .sold-out")).hasSize(1);
        assertThat(plain.select(".filling form:not(.take)")).isEmpty();
        assertThat(plain.select(".basket.empty .wares li")).hasSize(2);
        Basket basket = BasketField.basket(List.of("torch 2 8.00 GBP", "blanket 1 48.00 GBP"));
        Document own = drawn(
                view().telling(VisitorFacts.NONE.at(Sending.stepped("order", 1, BasketField.typed(field(), basket)))));
        assertThat(own.select(".taken li")).hasSize(1);
        assertThat(own.select(".taken .what").text()).contains("£9.50 each", "£8.00 when you took it along");
        assertThat(own.select("output").text()).isEqualTo("£19.00");
        assertThat(own.select("[name=basket]").val()).isEqualTo("torch 2 9.50 GBP");
        assertThat(drawn(view().telling(VisitorFacts.AWAY)).select(".take")).isEmpty();
    }

    private List<String> found() {
        return WareFindings.in(site).stream()
                .map(f -> f.rule() + " " + f.item())
                .toList();
    }

    @Test
    void whatHasNoPriceAndABasketOnNoPageIsFound() {
        assertThat(found()).containsExactly("price-missing wheel");
        site = site.with(List.of(form.retired(true)), List.of());
        assertThat(found()).containsExactly("basket-nowhere thing", "price-missing wheel");
        assertThat(drawn(view()).select(".take")).isEmpty();
        site = site.with(List.of(form, kind("pieces")), List.of());
        assertThat(found()).containsExactly("price-missing thing");
    }
}
