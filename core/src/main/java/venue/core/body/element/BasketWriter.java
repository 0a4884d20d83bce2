package venue.core.body.element;

import java.util.Optional;
import java.util.stream.Collectors;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Money;
import venue.core.body.basket.Basket;
import venue.core.body.basket.Ware;
import venue.core.body.form.BasketField;
import venue.core.body.form.FormNames;
import venue.core.body.scene.Scene;
import venue.core.model.form.FormField;

/** Writes what was taken along: each line with what it costs now, what they come to, and what to take where there is nothing yet. */
final class BasketWriter {

    private static final int SUGGESTED = 4;

    private final Scene scene;
    private final FieldFrame frame;
    private final FormField field;
    private final HtmlWriter out;

    BasketWriter(Scene scene, FieldFrame frame, HtmlWriter out) {
        this.scene = scene;
        this.frame = frame;
        this.out = out;
        field = frame.field();
    }

    private String say(Phrase phrase) {
        return scene.words().say(phrase);
    }

    private String in(Money money) {
        return money.in(scene.forms().around().locale());
    }

    private Optional<Ware> ware(Basket.Line line) {
        return scene.forms().around().ware(line.id()).filter(w -> !w.isSoldOut());
    }

    /** Whether there is anything in it that can still be had. */
    boolean isEmpty() {
        return basket().lines().stream().noneMatch(l -> ware(l).isPresent());
    }

    private Basket basket() {
        return BasketField.basket(frame.typed(field.key()));
    }

    /** No form stands around it: what is suggested has forms of its own. */
    void empty() {
        String suggests = field.said(BasketField.SUGGESTS);
        scene.forms().takes();
        out.start("div", "basket empty").attr("id", frame.id()).attr("tabindex", -1);
        beside();
        frame.told();
        out.element("p", say(Phrase.BASKET_EMPTY));
        out.start("p", "see").start("a").attr("href", FormNames.BASKET).text(say(Phrase.BASKET_SEE));
        out.end().end();
        if (!suggests.isEmpty()) {
            out.start("ul", "wares");
            scene.forms().around().wares(suggests, SUGGESTED).forEach(this::suggested);
            out.end();
        }
        out.end();
    }

    /** What the sheet says in which it is shown beside a page. */
    private void beside() {
        out.attr("data-order", say(Phrase.BASKET_ORDER)).attr("data-close", say(Phrase.CLOSE));
    }

    private void suggested(Ware ware) {
        out.start("li").start("span", "what");
        ListingCard.title(scene, ware.page(), out);
        out.text(" ").element("small", in(ware.price())).end();
        TakeWriter.write(scene, ware, out);
        out.end();
    }

    void write() {
        boolean notes = field.is(BasketField.NOTES);
        scene.forms().takes();
        frame.group();
        out.start("ul", "taken");
        beside();
        Basket now = new Basket(basket().lines().stream()
                .flatMap(l -> ware(l).map(w -> line(l, w, notes)).stream())
                .toList());
        out.end();
        out.start("p", "sum").text(say(Phrase.BASKET_SUM) + " ").start("output");
        out.text(now.sums().stream().map(this::in).collect(Collectors.joining(" + ")));
        out.end().end();
        out.start("p", "count");
        button(BasketField.COUNT, "button", say(Phrase.BASKET_AGAIN), say(Phrase.BASKET_AGAIN));
        out.end();
        frame.told();
        out.end();
    }

    /** Writes one, and gives it as it is now. */
    private Basket.Line line(Basket.Line line, Ware ware, boolean notes) {
        Basket.Line now = line.at(ware.price());
        String title = ware.page().title();
        out.start("li");
        out.empty("input").attr("type", "hidden").attr("name", field.key()).attr("value", now.text());
        out.start("span", "what");
        ListingCard.title(scene, ware.page(), out);
        String each = say(Phrase.BASKET_EACH).replace("{0}", in(ware.price()));
        out.text(" ").start("small").text(each);
        if (!line.price().equals(ware.price())) {
            String was = say(Phrase.BASKET_WAS).replace("{0}", in(line.price()));
            out.text(" · ").element("strong", was);
        }
        out.end().end();
        out.empty("input")
                .attr("type", "number")
                .attr("name", BasketField.amount(field))
                .attr("min", "0")
                .attr("max", String.valueOf(ware.most()))
                .attr("value", String.valueOf(line.amount()))
                .attr("aria-label", say(Phrase.BASKET_AMOUNT) + ": " + title);
        out.start("span", "comes").text(in(now.sum())).end();
        button(BasketField.OUT + ware.id(), "out", "×", say(Phrase.BASKET_OUT) + ": " + title);
        if (notes) {
            out.empty("input")
                    .attr("type", "text")
                    .attr("class", "note")
                    .attr("name", BasketField.note(field))
                    .attr("maxlength", String.valueOf(Basket.LONGEST_NOTE))
                    .attr("placeholder", say(Phrase.BASKET_NOTE))
                    .attr("value", line.note())
                    .attr("aria-label", say(Phrase.BASKET_NOTE) + ": " + title);
        }
        out.end();
        return now;
    }

    private void button(String go, String classes, String words, String name) {
        out.start("button", classes)
                .attr("type", "submit")
                .attr("name", FormNames.GO)
                .attr("value", go)
                .attr("formnovalidate");
        if (!name.equals(words)) {
            out.attr("aria-label", name);
        }
        out.text(words).end();
    }
}
