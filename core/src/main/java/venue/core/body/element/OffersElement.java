package venue.core.body.element;

import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.of;

import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.PropertyType;

/** What can be had, and for how much, side by side. */
final class OffersElement extends ListKind {

    OffersElement() {
        super(
                "offers",
                Sketch.sideBySide(3),
                "offers",
                "Offers and prices",
                "What can be had, and for how much",
                many(
                        "offers",
                        "Offers",
                        of("name", "Name", PropertyType.WORDS),
                        of("price", "Price", PropertyType.WORDS).help("With its currency, as people read it."),
                        of("per", "For", PropertyType.WORDS).help("a year, a person, a night"),
                        of("words", "What it holds", PropertyType.RICH),
                        of("label", "Button", PropertyType.WORDS),
                        of("link", "Leads to", PropertyType.LINK),
                        of("first", "The one most people take", PropertyType.YES_NO)
                                .fallback(Value.of(false))));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        int level = props.scene().headings().beneath();
        out.start("ul", "offers tiles");
        props.shown("offers").forEach(o -> offer(o, level, out));
        out.end();
    }

    private static void offer(Props offer, int level, HtmlWriter out) {
        out.start("li", offer.flag("first") ? "tile first" : "tile");
        Tiles.line(offer, "name", "h" + level, "h z-medium", out);
        if (offer.has("price") || offer.has("per")) {
            out.start("p", "price");
            Tiles.line(offer, "price", "b", "", out);
            out.text(" ");
            Tiles.line(offer, "per", "span", "", out);
            out.end();
        }
        Tiles.words(offer, "words", out);
        Tiles.button(offer, "label", "link", out);
        out.end();
    }
}
